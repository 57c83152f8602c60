/** A line of the outline as it is drawn: its number, its heading, its words, its note and its tools. */
import { useSortable } from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import { ChevronDown, ChevronRight, Ellipsis, GripVertical, NotebookPen } from "lucide-react";
import type { HeadingNote } from "../../../core/outline/headingFaults";
import type { OutlineItem } from "../../../core/outline/outline";
import { Menu, MenuItem } from "../../ui/Menu";
import { Tooltip } from "../../ui/Tooltip";
import { MOST_WORDS, useOutlineRow } from "./useOutlineRow";

const TOOL =
  "flex h-7 w-7 items-center justify-center rounded text-ink-2 hover:bg-proof-wash hover:text-proof disabled:opacity-30";

interface RowProps {
  item: OutlineItem;
  number: string;
  /** What is to be said of its text. */
  notes: readonly HeadingNote[];
  focused: boolean;
  readOnly: boolean;
  /** Of an H2 with H3s below it: whether they are hidden. */
  collapsed: boolean | null;
  onCollapse: () => void;
  onFocused: () => void;
  /** The row has the focus, wherever in it. */
  onActive: () => void;
  onEnter: () => void;
  onRemove: () => void;
}

export function OutlineRow(props: RowProps) {
  const {
    item,
    number,
    notes,
    focused,
    readOnly,
    collapsed,
    onCollapse,
    onFocused,
    onActive,
    onEnter,
    onRemove,
  } = props;
  const { attributes, listeners, setNodeRef, transform, transition, isDragging, isOver, active } =
    useSortable({
      id: item.id,
      disabled: readOnly,
    });
  const { heading, note, noting, toggleNote, editing, setEditing, onKeyDown, change, setBudget, tools } =
    useOutlineRow(item, { focused, readOnly, onFocused, onEnter, onRemove });
  const { faq = false, level } = item;
  const name = item.text || "empty heading";
  const faults = notes.filter(({ kind }) => kind === "long" || kind === "repeated");
  const said = notes.map(({ says }) => says).join(" ");
  const landing = isOver && active && active.id !== item.id && String(active.id).startsWith("field ");
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition, opacity: isDragging ? 0.6 : 1 }}
      className={`group relative border-t-2 py-0.5 pr-2 ${landing ? "border-proof" : "border-transparent"} ${level === 3 ? "pl-8" : "pl-1"}`}
      onFocus={onActive}
      onKeyDown={onKeyDown}
    >
      <div className="flex items-center gap-1">
        <button
          type="button"
          {...attributes}
          {...listeners}
          data-stop=""
          tabIndex={-1}
          aria-label={`Drag “${name}”`}
          disabled={readOnly}
          className={`${TOOL} w-5 cursor-grab`}
        >
          <GripVertical size={15} aria-hidden="true" />
        </button>
        {collapsed === null ? (
          <span className="w-5" />
        ) : (
          <button
            type="button"
            data-stop=""
            tabIndex={-1}
            className={`${TOOL} w-5`}
            aria-expanded={!collapsed}
            aria-label={`Headings below “${name}”`}
            onClick={onCollapse}
          >
            {collapsed ? (
              <ChevronRight size={15} aria-hidden="true" />
            ) : (
              <ChevronDown size={15} aria-hidden="true" />
            )}
          </button>
        )}
        <span className="figures w-7 text-[13px] text-ink-2">{number}</span>
        <input
          ref={heading}
          dir="auto"
          aria-label={faq ? `Question ${number} of the FAQ` : `Heading ${number}, level ${level}`}
          placeholder={faq ? "Question" : "Heading"}
          maxLength={300}
          readOnly={readOnly}
          value={item.text}
          aria-invalid={faults.length > 0}
          data-stop=""
          data-heading=""
          aria-description={[said, !editing && "Enter edits it."].filter(Boolean).join(" ") || undefined}
          onChange={(event) => {
            setEditing(true);
            change({ text: event.target.value });
          }}
          onPointerDown={() => setEditing(true)}
          onBlur={() => setEditing(false)}
          className={`min-w-0 flex-1 text-ellipsis rounded border border-transparent bg-transparent px-1 py-0.5 font-serif hover:border-rule focus:border-edge ${
            level === 2 ? "text-[17px] font-semibold" : "text-[15px]"
          }`}
        />
        {notes.some(({ kind }) => kind === "keyword") && (
          <Tooltip says="Has the target keyword.">
            <span className="border-b border-dotted border-proof text-[11px] text-proof">keyword</span>
          </Tooltip>
        )}
        <Tooltip says="Words for this section">
          <input
            type="number"
            data-stop=""
            tabIndex={-1}
            min={0}
            max={MOST_WORDS}
            step={10}
            aria-label={`Words for “${name}”`}
            placeholder="words"
            readOnly={readOnly}
            value={item.budget ?? ""}
            onChange={(event) => setBudget(event.target.value)}
            className="figures w-16 small:hidden rounded border border-transparent bg-transparent px-1 text-right text-[13px] text-ink-2 hover:border-rule focus:border-edge"
          />
        </Tooltip>
        <span className="w-5 text-[12px] text-ink-2">{faq ? "Q" : `H${level}`}</span>
        <Tooltip says="Note">
          <button
            type="button"
            data-stop=""
            tabIndex={-1}
            className={TOOL}
            aria-label={`Note under “${name}”`}
            aria-expanded={noting}
            onClick={toggleNote}
          >
            <NotebookPen size={15} aria-hidden="true" />
          </button>
        </Tooltip>
        <Menu
          align="end"
          portal
          className="z-50 min-w-48 py-1"
          button={
            <button
              type="button"
              data-stop=""
              tabIndex={-1}
              className={TOOL}
              aria-label={`More for “${name}”`}
              disabled={readOnly}
            >
              <Ellipsis size={15} aria-hidden="true" />
            </button>
          }
        >
          {tools.map(({ name: tool, icon: Icon, off = false, run }) => (
            <MenuItem key={tool} disabled={off} onSelect={run}>
              <Icon size={15} aria-hidden="true" /> {tool}
            </MenuItem>
          ))}
        </Menu>
      </div>
      {!readOnly && (
        // It lies over what follows: were it in the flow, what is pressed next would move away under the pointer.
        <p
          className="pointer-events-none absolute left-20 top-full z-10 hidden whitespace-nowrap rounded border border-rule bg-sheet px-2 text-[12px] text-ink-2 shadow-md group-focus-within:block small:left-2 small:whitespace-normal"
          aria-hidden="true"
        >
          {editing
            ? `${faq ? "" : level === 2 ? "Tab: make it an H3 · " : "Shift Tab: make it an H2 · "}Enter: next heading · Esc: done`
            : "Enter: edit · ↑ ↓: rows · ← →: tools of the row · Alt ↑ ↓: move · Alt N: note · Alt Backspace: delete"}
        </p>
      )}
      {faults.length > 0 && (
        <p className="ml-20 text-[12px] text-plum">{faults.map(({ says }) => says).join(" ")}</p>
      )}
      {noting && (
        <textarea
          ref={note}
          tabIndex={-1}
          onKeyDown={(event) => {
            if (event.key === "Escape") heading.current?.focus();
          }}
          dir="auto"
          aria-label={`Note to ${faq ? "question" : "heading"} ${number}`}
          placeholder="What belongs here"
          rows={Math.min(6, Math.max(1, item.note.split("\n").length))}
          readOnly={readOnly}
          value={item.note}
          onChange={(event) => change({ note: event.target.value })}
          className="ml-[4.75rem] block w-[calc(100%-6rem)] resize-y rounded border border-rule bg-paper px-2 py-1 text-[13px]"
        />
      )}
    </li>
  );
}
