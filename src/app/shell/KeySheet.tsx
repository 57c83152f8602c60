import { GLOSSARY } from "../ui/glossary";
import { Sheet } from "../ui/Sheet";

const KEYS: [string, string][] = [
  ["Ctrl K", "Find a post or an action"],
  ["?", "These keys, and the words of the application"],
  ["← →", "In the weight strip: from check to check; Enter goes to the place"],
  ["↑ ↓, Space", "In a keyword table: from row to row; choose the row"],
  ["Shift ↑ ↓, Ctrl A", "In a keyword table: choose a range of rows; choose all that is shown"],
  [
    "Enter, Delete, Esc",
    "In a keyword table: open the row; hide or remove what is chosen; close the detail, then choose nothing",
  ],
  ["↑ ↓, ← →", "In the outline: from row to row; along the tools of a row"],
  ["Enter, Esc", "In the outline: edit the heading; stop editing it"],
  ["Tab, Shift Tab", "In a heading that is edited: one level deeper, one level up"],
  ["Enter", "In a heading that is edited: a new heading below"],
  ["Alt ↑ ↓, Alt N, Alt Backspace", "In the outline: move the heading, its note, delete it"],
  ["Ctrl Z, Ctrl Shift Z", "Undo, redo"],
  ["Ctrl B, Ctrl I", "In the text: bold, italic"],
  ["Ctrl Alt 2, 3, 4", "In the text: heading of that level"],
  ["Ctrl Shift 8, 7", "In the text: bulleted list, numbered list"],
  ["Ctrl Shift B", "In the text: quote"],
  ["Ctrl K", "In the text: link"],
  ["Ctrl F", "In the text: find and replace; Enter goes on, Shift Enter back"],
  ["Alt Shift ↑ ↓", "In the text: move the block"],
  ["Alt Shift Page up, Page down", "In the text: move the whole section"],
  ["Alt Shift ← →", "In a gallery: move the picture"],
  ["Ctrl Enter", "In questions and answers: another question"],
  ["Alt Shift F", "In the text: focus view, and back"],
  ["Ctrl Alt Enter", "In the text: go on from here; with a selection, rework it"],
  ["Tab, Esc", "While text is suggested: accept it; drop it, or stop its writer"],
  ["Alt F10", "In the text: to the formatting bar"],
];

export function KeySheet({ onClose }: { onClose: () => void }) {
  return (
    <Sheet title="Keys and words" wide onClose={onClose}>
      <div className="grid gap-8 mid:grid-cols-2">
        <section aria-label="Keys">
          <h3 className="mb-2 text-[13px] text-ink-2">Keys</h3>
          <Pairs pairs={KEYS} />
        </section>
        <section aria-label="Words">
          <h3 className="mb-2 text-[13px] text-ink-2">Words</h3>
          <Pairs pairs={Object.values(GLOSSARY)} />
        </section>
      </div>
    </Sheet>
  );
}

const Pairs = ({ pairs }: { pairs: readonly (readonly [string, string])[] }) => (
  <dl className="grid grid-cols-[minmax(7rem,11rem)_1fr] gap-x-4 gap-y-1.5">
    {pairs.map(([name, what], i) => (
      <div key={i} className="contents">
        <dt className="font-semibold">{name}</dt>
        <dd>{what}</dd>
      </div>
    ))}
  </dl>
);
