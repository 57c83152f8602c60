import { Heading2, MessageCircleQuestion } from "lucide-react";
import type { PlaceKind, ReaderQuestion } from "../../../../core/competitors/questions";
import { useAppDispatch } from "../../../store/hooks";
import { count } from "../../../ui/figures";
import { Tooltip } from "../../../ui/Tooltip";
import { putIn } from "../competitorActions";
import { CoverRow } from "./CoverRow";

const PLACES: Record<PlaceKind, (n: number) => string> = {
  search: () => "in the search",
  forum: (n) => `in ${count(n, "forum")}`,
  "q-and-a": (n) => `on ${count(n, "Q&A page")}`,
  page: (n) => `on ${count(n, "page")}`,
};
const ORDER: PlaceKind[] = ["search", "forum", "q-and-a", "page"];

export function QuestionRow({
  question,
  covered,
  readOnly,
}: {
  question: ReaderQuestion;
  covered: boolean;
  readOnly: boolean;
}) {
  const dispatch = useAppDispatch();
  const { text, asked: askedAt } = question;
  const places = ORDER.flatMap((kind) => {
    const n = askedAt.filter((one) => one.kind === kind).length;
    return n ? [PLACES[kind](n)] : [];
  });
  return (
    <CoverRow
      id={`question ${text}`}
      putting={{ kind: "heading", text, level: 2 }}
      covered={covered}
      readOnly={readOnly}
      actions={[
        {
          name: "Heading",
          says: `Make “${text}” a heading`,
          icon: Heading2,
          run: () => void dispatch(putIn({ kind: "question-heading", text }, `“${text}” is a heading.`)),
        },
        {
          name: "FAQ",
          says: `Add “${text}” to the FAQ`,
          icon: MessageCircleQuestion,
          run: () => void dispatch(putIn({ kind: "question-faq", text }, `“${text}” is in the FAQ.`)),
        },
      ]}
    >
      <p>{text}</p>
      <Tooltip says={askedAt.map(({ title, address }) => `${title} ${address}`).join("\n")}>
        <p className="text-[12px] text-ink-2">asked {places.join(", ")}</p>
      </Tooltip>
    </CoverRow>
  );
}
