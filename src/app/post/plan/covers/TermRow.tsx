import { NotebookPen } from "lucide-react";
import type { PlacedTerm } from "../../../../core/benchmark/competitors";
import { type TermCoverage, usesIn } from "../../../../core/competitors/coverage";
import { useAppDispatch } from "../../../store/hooks";
import { putIn } from "../competitorActions";
import { CoverRow, Presence } from "./CoverRow";

/** A term with its usual range, and how often the draft has it. */
export function TermRow({
  term,
  words,
  of,
  inDraft,
  inOutline,
  readOnly,
}: {
  term: PlacedTerm;
  /** Words of the text that its range is said for. */
  words: number;
  of: number;
  inDraft: TermCoverage | undefined;
  inOutline: boolean;
  readOnly: boolean;
}) {
  const dispatch = useAppDispatch();
  const { key, text, pages } = term;
  return (
    <CoverRow
      id={`term ${key}`}
      putting={{ kind: "note", text: `Use: ${text}` }}
      covered={inOutline}
      coveredSays="in the outline"
      readOnly={readOnly}
      actions={[
        {
          name: "To a note",
          says: `Add “${text}” to a note`,
          icon: NotebookPen,
          run: () => void dispatch(putIn({ kind: "term", key }, `“${text}” is in a note.`)),
        },
      ]}
    >
      <div className="flex items-center gap-3">
        <span className="min-w-0 flex-1 truncate">{text}</span>
        <Presence pages={pages} of={of} />
        {inDraft && <UseRange count={inDraft.count} range={usesIn(term.usual, words)} />}
      </div>
    </CoverRow>
  );
}

/** The usual range of uses, with our count as a tick. */
function UseRange({ count, range: [low, high] }: { count: number; range: readonly [number, number] }) {
  const end = Math.max(2 * high, count, 1);
  const at = (n: number) => `${Math.min(100, (100 * n) / end)}%`;
  return (
    <span className="flex w-44 items-center gap-2 text-[12px] text-ink-2">
      <span className="relative h-2.5 w-16 border-b border-edge" aria-hidden="true">
        <span
          className="absolute bottom-0 h-1.5 bg-proof-wash outline-1 -outline-offset-1 outline-edge"
          style={{ left: at(low), width: `max(2px, calc(${at(high)} - ${at(low)}))` }}
        />
        <span className="absolute bottom-0 h-2.5 w-0.5 bg-ink" style={{ left: at(count) }} />
      </span>
      <span className="figures whitespace-nowrap">
        {count}, usual{" "}
        {Math.round(low) === Math.round(high) ? Math.round(low) : `${Math.round(low)}–${Math.round(high)}`}
      </span>
    </span>
  );
}
