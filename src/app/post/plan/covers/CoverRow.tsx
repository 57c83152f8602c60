import { useDraggable } from "@dnd-kit/core";
import { Check, GripVertical, type LucideIcon } from "lucide-react";
import type { ReactNode } from "react";
import type { Putting } from "../putting";

export interface CoverAction {
  name: string;
  says: string;
  icon: LucideIcon;
  run: () => void;
}

interface Props {
  id: string;
  /** What is dragged into the outline. */
  putting: Putting;
  covered: boolean;
  /** Says where it is covered. */
  coveredSays?: string;
  readOnly: boolean;
  actions: CoverAction[];
  children: ReactNode;
}

/** One thing that competing pages cover: what it is, whether it is here, and how it gets here. */
export function CoverRow({
  id,
  putting,
  covered,
  coveredSays = "covered",
  readOnly,
  actions,
  children,
}: Props) {
  const { attributes, listeners, setNodeRef, isDragging } = useDraggable({
    id: `field ${id}`,
    data: { putting },
    disabled: readOnly,
  });
  return (
    <li
      ref={setNodeRef}
      className={`flex items-center gap-2 border-b border-rule py-1 pl-1 pr-2 last:border-b-0 ${isDragging ? "opacity-60" : ""}`}
    >
      {/* Keys have the buttons of the row. */}
      <span
        {...listeners}
        {...attributes}
        role="presentation"
        tabIndex={-1}
        aria-hidden="true"
        className="cursor-grab text-edge"
      >
        <GripVertical size={14} />
      </span>
      <div className="min-w-0 flex-1">{children}</div>
      {covered ? (
        <span className="flex h-7 min-w-24 items-center justify-end gap-1 whitespace-nowrap text-[12px] text-proof">
          <Check size={13} aria-hidden="true" /> {coveredSays}
        </span>
      ) : (
        // As wide as what is said of the covered ones, so that the columns before it stand under each other.
        <div className="flex min-w-24 justify-end gap-2">
          {actions.map(({ name, says, icon: Icon, run }) => (
            <button
              key={name}
              type="button"
              aria-label={says}
              disabled={readOnly}
              onClick={run}
              className="flex h-7 items-center gap-1 whitespace-nowrap rounded border border-rule bg-sheet px-2 text-[12px] text-proof hover:bg-proof-wash disabled:text-ink-2"
            >
              <Icon size={13} aria-hidden="true" /> {name}
            </button>
          ))}
        </div>
      )}
    </li>
  );
}

/** Presence as a bar, with what it counts. */
export function Presence({ pages, of }: { pages: number; of: number }) {
  return (
    <span className="flex items-center gap-2 text-[12px] text-ink-2">
      <span className="relative h-1.5 w-20 border border-edge" aria-hidden="true">
        <span className="fill-earned absolute inset-y-0 left-0" style={{ width: `${(100 * pages) / of}%` }} />
      </span>
      <span className="figures whitespace-nowrap">
        {pages} of {of}
      </span>
    </span>
  );
}

/** Where in a page something stands, from its start to its end. */
export function Place({ at }: { at: number }) {
  const says =
    at < 0.2
      ? "at the start"
      : at < 0.4
        ? "early"
        : at < 0.6
          ? "in the middle"
          : at < 0.8
            ? "late"
            : "near the end";
  return (
    <span className="flex items-center gap-1.5 text-[12px] text-ink-2">
      <span className="relative h-2 w-10 border-b border-edge" aria-hidden="true">
        <span className="absolute bottom-0 h-2 w-0.5 bg-ink" style={{ left: `${at * 100}%` }} />
      </span>
      {says}
    </span>
  );
}
