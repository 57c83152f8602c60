/** A day of the calendar: its slips, and the free slot of the pattern as an open outline. */
import { useDroppable } from "@dnd-kit/core";
import type { Slip, Slot } from "../../core/calendar/plan";
import { SlipCard } from "./SlipCard";

interface Props {
  date: string;
  isToday: boolean;
  isOutside: boolean;
  tall: boolean;
  /** Class of its row's height. */
  height: string;
  slips: readonly Slip[];
  slot: Slot | null;
  onMoveBy: (slip: Slip, days: number) => void;
  onOpen: (slip: Slip) => void;
}

export function DayCell({ date, isToday, isOutside, tall, height, slips, slot, onMoveBy, onOpen }: Props) {
  const { setNodeRef, isOver } = useDroppable({ id: `day ${date}`, data: { date } });
  return (
    <td
      ref={setNodeRef}
      aria-current={isToday ? "date" : undefined}
      className={`${height} border border-rule p-1.5 align-top ${isToday ? "border-x-2 border-x-proof" : ""} ${isOver ? "bg-proof-wash" : isOutside ? "bg-paper" : ""}`}
    >
      <p className={`figures mb-1 text-[12px] ${isToday ? "font-semibold text-proof" : "text-ink-2"}`}>
        {Number(date.slice(8))}
        {isToday && <span className="sr-only">, today</span>}
      </p>
      <ul className="flex flex-col gap-1">
        {slips.map((slip) => (
          <li key={slip.id}>
            <SlipCard
              slip={slip}
              tall={tall}
              onMoveBy={(days) => onMoveBy(slip, days)}
              onOpen={() => onOpen(slip)}
            />
          </li>
        ))}
      </ul>
      {slot && <FreeSlot slot={slot} />}
    </td>
  );
}

function FreeSlot({ slot }: { slot: Slot }) {
  const { setNodeRef, isOver } = useDroppable({
    id: `slot ${slot.at}`,
    data: { date: slot.date, at: slot.at },
  });
  return (
    <p
      ref={setNodeRef}
      className={`figures mt-1 rounded border border-dashed px-1.5 py-1 text-[12px] ${isOver ? "border-proof bg-sheet text-proof" : "border-edge text-ink-2"}`}
    >
      {slot.time}, free
    </p>
  );
}
