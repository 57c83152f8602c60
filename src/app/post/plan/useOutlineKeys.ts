/**
 * The keys of an outline's row, which is one stop of Tab. While its heading is not edited, arrows go from row to row and along the row's own
 * controls; once it is edited they are the cursor's, and Tab changes the level.
 */
import { type KeyboardEvent, type RefObject, useState } from "react";

/** Marks what arrows go to within a row. */
export const STOP = "data-stop";
const stops = (row: Element | null): HTMLElement[] => [
  ...(row?.querySelectorAll<HTMLElement>(`[${STOP}]:not(:disabled)`) ?? []),
];

interface Acts {
  readOnly: boolean;
  /** Changes the level; null where a level cannot be changed that way. */
  deeper: (() => void) | null;
  higher: (() => void) | null;
  up: () => void;
  down: () => void;
  add: () => void;
  remove: () => void;
  note: () => void;
}

export function useOutlineKeys(heading: RefObject<HTMLInputElement | null>, acts: Acts) {
  const [editing, setEditing] = useState(false);
  const along = (from: Element, by: number) => {
    const all = stops(from.closest("li"));
    all[all.indexOf(from as HTMLElement) + by]?.focus();
  };
  const toRow = (by: number) => {
    const rows = [...(heading.current?.closest("ol")?.querySelectorAll<HTMLElement>("[data-heading]") ?? [])];
    rows[rows.indexOf(heading.current!) + by]?.focus();
  };

  const onKeyDown = (event: KeyboardEvent) => {
    const on = event.target as HTMLElement;
    if (!on.hasAttribute(STOP)) return;
    const act = actOf(event, on === heading.current);
    if (!act) return;
    event.preventDefault();
    act();
  };

  function actOf({ key, altKey, shiftKey, ctrlKey, metaKey, target }: KeyboardEvent, onHeading: boolean) {
    const on = target as HTMLElement;
    if (altKey && !acts.readOnly) {
      if (key === "ArrowUp") return acts.up;
      if (key === "ArrowDown") return acts.down;
      if (key === "Backspace") return acts.remove;
      if (key.toLowerCase() === "n") return acts.note;
    }
    if (altKey || ctrlKey || metaKey) return null;
    if (onHeading && editing && !acts.readOnly) {
      if (key === "Escape") return () => setEditing(false);
      if (key === "Enter") return acts.add;
      if (key === "Tab") return shiftKey ? acts.higher : acts.deeper;
      if (key === "ArrowUp") return () => toRow(-1);
      if (key === "ArrowDown") return () => toRow(1);
      return null;
    }
    // A number has arrows of its own.
    if (on instanceof HTMLInputElement && on.type === "number")
      return key === "Escape" || key === "Enter" ? () => heading.current?.focus() : null;
    if (key === "ArrowLeft") return () => along(on, -1);
    if (key === "ArrowRight") return () => along(on, 1);
    if (key === "Escape" && !onHeading) return () => heading.current?.focus();
    if (!onHeading) return null;
    if (key === "ArrowUp") return () => toRow(-1);
    if (key === "ArrowDown") return () => toRow(1);
    if ((key === "Enter" || key === "F2") && !acts.readOnly) return () => setEditing(true);
    return null;
  }

  return { editing, setEditing, onKeyDown };
}
