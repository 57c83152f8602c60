import { useSortable } from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import {
  ArrowDown,
  ArrowUp,
  GripVertical,
  IndentDecrease,
  IndentIncrease,
  type LucideIcon,
  NotebookPen,
  Trash2,
} from "lucide-react";
import { type KeyboardEvent, useEffect, useRef, useState } from "react";
import type { OutlineItem } from "../../../core/outline/outline";
import { outlineItemChanged, outlineItemNudged } from "../../store/openPostSlice";
import { useAct } from "../../store/store";

const TOOL =
  "flex h-7 w-7 items-center justify-center rounded text-ink-2 hover:bg-proof-wash hover:text-proof disabled:opacity-30";

interface Tool {
  title: string;
  says: string;
  icon: LucideIcon;
  off?: boolean;
  /** For what opens and closes. */
  expanded?: boolean;
  run: () => void;
}

interface RowProps {
  item: OutlineItem;
  number: string;
  focused: boolean;
  readOnly: boolean;
  onFocused: () => void;
  onEnter: () => void;
  onRemove: () => void;
}

export function OutlineRow({ item, number, focused, readOnly, onFocused, onEnter, onRemove }: RowProps) {
  const act = useAct();
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: item.id,
    disabled: readOnly,
  });
  const input = useRef<HTMLInputElement>(null);
  const [noting, setNoting] = useState(item.note !== "");
  const [released, setReleased] = useState(false);
  const name = item.text || "empty heading";
  useEffect(() => {
    if (!focused) return;
    input.current?.focus();
    onFocused();
  }, [focused, onFocused]);
  const change = (changes: Partial<OutlineItem>) => act(outlineItemChanged({ id: item.id, changes }));
  const nudge = (direction: -1 | 1) => act(outlineItemNudged({ id: item.id, direction }));

  const onKey = (event: KeyboardEvent) => {
    if (readOnly) return;
    if (event.key === "Escape") setReleased(true);
    if (event.key === "Enter") {
      event.preventDefault();
      onEnter();
    } else if (event.key === "Tab" && !released && (event.shiftKey ? item.level === 3 : item.level === 2)) {
      event.preventDefault();
      change({ level: event.shiftKey ? 2 : 3 });
    } else if (event.altKey && (event.key === "ArrowUp" || event.key === "ArrowDown")) {
      event.preventDefault();
      nudge(event.key === "ArrowUp" ? -1 : 1);
    } else if (event.altKey && event.key === "Backspace") {
      event.preventDefault();
      onRemove();
    }
  };

  const tools: Tool[] = [
    {
      title: "Deeper",
      says: `Make “${name}” an H3`,
      icon: IndentIncrease,
      off: item.level === 3,
      run: () => change({ level: 3 }),
    },
    {
      title: "Up a level",
      says: `Make “${name}” an H2`,
      icon: IndentDecrease,
      off: item.level === 2,
      run: () => change({ level: 2 }),
    },
    { title: "Move up", says: `Move “${name}” up`, icon: ArrowUp, run: () => nudge(-1) },
    { title: "Move down", says: `Move “${name}” down`, icon: ArrowDown, run: () => nudge(1) },
    {
      title: "Note",
      says: `Note under “${name}”`,
      icon: NotebookPen,
      expanded: noting,
      run: () => setNoting(!noting),
    },
    { title: "Delete", says: `Delete “${name}”`, icon: Trash2, run: onRemove },
  ];
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition, opacity: isDragging ? 0.6 : 1 }}
      className={`group py-0.5 pr-2 ${item.level === 3 ? "pl-14" : "pl-2"}`}
    >
      <div className="flex items-center gap-1">
        <button
          type="button"
          {...attributes}
          {...listeners}
          aria-label={`Drag “${name}”`}
          disabled={readOnly}
          className={`${TOOL} cursor-grab`}
        >
          <GripVertical size={15} aria-hidden="true" />
        </button>
        <span className="figures w-8 text-[13px] text-ink-2">{number}</span>
        <input
          ref={input}
          aria-label={`Heading ${number}, level ${item.level}`}
          placeholder="Heading"
          maxLength={300}
          readOnly={readOnly}
          value={item.text}
          onChange={(event) => change({ text: event.target.value })}
          onKeyDown={onKey}
          onFocus={() => setReleased(false)}
          className={`min-w-0 flex-1 rounded border border-transparent bg-transparent px-1 py-0.5 font-serif hover:border-rule focus:border-edge ${
            item.level === 2 ? "text-[17px] font-semibold" : "text-[15px]"
          }`}
        />
        <span className="text-[12px] text-ink-2">H{item.level}</span>
        <div className="flex opacity-0 focus-within:opacity-100 group-hover:opacity-100">
          {tools.map(({ title, says, icon: Icon, off = false, run, expanded }) => (
            <button
              key={title}
              type="button"
              className={TOOL}
              title={title}
              aria-label={says}
              aria-expanded={expanded}
              disabled={off || (readOnly && expanded === undefined)}
              onClick={run}
            >
              <Icon size={15} aria-hidden="true" />
            </button>
          ))}
        </div>
      </div>
      {noting && (
        <textarea
          aria-label={`Note to heading ${number}`}
          placeholder="What belongs here"
          rows={Math.min(6, Math.max(1, item.note.split("\n").length))}
          readOnly={readOnly}
          value={item.note}
          onChange={(event) => change({ note: event.target.value })}
          className="ml-[4.5rem] w-[calc(100%-7rem)] resize-y rounded border border-rule bg-paper px-2 py-1 text-[13px]"
        />
      )}
    </li>
  );
}
