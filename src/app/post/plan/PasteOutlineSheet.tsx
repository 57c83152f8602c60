import { useState } from "react";
import { parseOutline, withPasted } from "../../../core/outline/outlineText";
import { freshId } from "../../../data/freshId";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { outlineReplaced, outlineUndone } from "../../store/openPostSlice";
import { Button } from "../../ui/Button";
import { count } from "../../ui/figures";
import { Sheet } from "../../ui/Sheet";
import { toast } from "../../ui/toast";

/** A pasted list becomes headings: indented, bulleted, numbered or Markdown. */
export function PasteOutlineSheet({ onClose }: { onClose: () => void }) {
  const dispatch = useAppDispatch();
  const outline = useAppSelector((state) => state.openPost.outline);
  const [text, setText] = useState("");
  const items = parseOutline(text);
  const put = () => {
    dispatch(outlineReplaced(withPasted(outline, items, freshId)));
    toast(`${count(items.length, "heading")} from what was pasted.`, {
      action: { label: "Undo", onClick: () => dispatch(outlineUndone()) },
    });
    onClose();
  };
  return (
    <Sheet title="Paste an outline" onClose={onClose}>
      <label className="block">
        <span className="text-ink-2">A list: indented, bulleted, numbered, or Markdown headings</span>
        <textarea
          rows={9}
          className="field-box mt-1 font-mono text-[12px]"
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      <ul
        aria-label="Headings found"
        className="mt-3 max-h-48 overflow-y-auto border border-rule bg-paper p-2"
      >
        {items.length === 0 && <li className="text-ink-2">Nothing yet.</li>}
        {items.map(({ level, text: heading, note }, i) => (
          <li key={`${i} ${heading}`} className={level === 3 ? "pl-5" : ""}>
            <span className="text-[12px] text-ink-2">H{level}</span> {heading}
            {note && <span className="text-[12px] text-ink-2"> (with a note)</span>}
          </li>
        ))}
      </ul>
      <div className="mt-4 flex justify-end gap-2">
        <Button onClick={onClose}>Cancel</Button>
        <Button kind="primary" disabled={!items.length} onClick={put}>
          Add {count(items.length, "heading")}
        </Button>
      </div>
    </Sheet>
  );
}
