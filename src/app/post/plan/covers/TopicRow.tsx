import { Plus } from "lucide-react";
import type { HeadingTopic } from "../../../../core/competitors/topics";
import { useAppDispatch } from "../../../store/hooks";
import { Tooltip } from "../../../ui/Tooltip";
import { putIn } from "../competitorActions";
import { CoverRow, Place, Presence } from "./CoverRow";

const MOST_SHOWN = 4;

export function TopicRow({
  topic,
  of,
  covered,
  readOnly,
}: {
  topic: HeadingTopic;
  of: number;
  covered: boolean;
  readOnly: boolean;
}) {
  const dispatch = useAppDispatch();
  const { label, pages, place, level, words, headings } = topic;
  const others = [...new Set(headings.map(({ text }) => text).filter((text) => text !== label))];
  return (
    <CoverRow
      id={`topic ${label}`}
      putting={{ kind: "heading", text: label, level: 2, ...(words >= 10 && { budget: words }) }}
      covered={covered}
      readOnly={readOnly}
      actions={[
        {
          name: "Add",
          says: `Add “${label}” to the outline`,
          icon: Plus,
          run: () => void dispatch(putIn({ kind: "topic", label }, `“${label}” is in the outline.`)),
        },
      ]}
    >
      <Tooltip says={label} whenCut>
        <p className="truncate">{label}</p>
      </Tooltip>
      <div className="flex flex-wrap items-center gap-x-4">
        <Presence pages={pages} of={of} />
        <Place at={place} />
        <span className="figures text-[12px] text-ink-2">
          H{level} · {words} words
        </span>
      </div>
      {others.length > 0 && (
        <Tooltip says={others.join("\n")} whenCut>
          <p className="truncate text-[12px] text-ink-2">
            also{" "}
            {others
              .slice(0, MOST_SHOWN)
              .map((text) => `“${text}”`)
              .join(", ")}
          </p>
        </Tooltip>
      )}
    </CoverRow>
  );
}
