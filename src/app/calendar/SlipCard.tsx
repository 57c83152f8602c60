/** A post on its day. */
import { useDraggable } from "@dnd-kit/core";
import type { KeyboardEvent } from "react";
import type { Slip } from "../../core/calendar/plan";
import { useAppSelector } from "../store/hooks";
import { selectScoreById } from "../store/selectors";
import { MiniStrip } from "../ui/MiniStrip";

const KINDS: Record<Slip["kind"], { says: string; look: string }> = {
  due: { says: "due", look: "border-edge border-dotted bg-paper" },
  scheduled: { says: "goes live", look: "border-proof bg-sheet" },
  live: { says: "live", look: "border-rule bg-proof-wash" },
};

/** Days by which an arrow moves a slip. */
const BY: Readonly<Record<string, number>> = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -7, ArrowDown: 7 };

interface Props {
  slip: Slip;
  tall?: boolean;
  onMoveBy: (days: number) => void;
  onOpen: () => void;
}

export function SlipCard({ slip, tall = false, onMoveBy, onOpen }: Props) {
  const { id, title, kind, time } = slip;
  const score = useAppSelector((state) => selectScoreById(state, id));
  const fixed = kind === "live";
  const { setNodeRef, listeners, transform, isDragging } = useDraggable({ id, disabled: fixed });
  const { says, look } = KINDS[kind];
  const name = title || "Untitled post";
  const onKey = (event: KeyboardEvent) => {
    const days = event.altKey ? BY[event.key] : undefined;
    if (days === undefined || fixed) return;
    event.preventDefault();
    onMoveBy(days);
  };
  return (
    <button
      ref={setNodeRef}
      type="button"
      {...listeners}
      onKeyDown={onKey}
      onClick={onOpen}
      aria-label={`${name}, ${says}${time ? ` at ${time}` : ""}`}
      aria-keyshortcuts={fixed ? undefined : "Alt+ArrowLeft Alt+ArrowRight Alt+ArrowUp Alt+ArrowDown"}
      style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)` } : undefined}
      className={`relative block w-full rounded border px-1.5 py-1 text-left ${look} ${isDragging ? "z-40 shadow-md" : ""} ${fixed ? "" : "cursor-grab touch-none"}`}
    >
      <span className="figures flex gap-1.5 text-[12px] text-ink-2">
        {time} <span>{says}</span>
      </span>
      <span className={`font-serif text-[14px] leading-tight ${tall ? "block" : "line-clamp-2"}`}>
        {name}
      </span>
      {score && (
        <span className="mt-1 block">
          <MiniStrip findings={score.findings} />
        </span>
      )}
    </button>
  );
}
