/** What of the competitors can be put into an outline, by a button or by dragging. */
import type { OutlineItem } from "../../../core/outline/outline";

export type Putting =
  | { kind: "heading"; text: string; level: 2 | 3; budget?: number }
  | { kind: "faq"; text: string }
  | { kind: "note"; text: string };

/** What is dragged carries its putting; headings of the outline that are dragged carry none. */
export const puttingOf = (data: unknown): Putting | undefined =>
  (data as { putting?: Putting } | undefined)?.putting;

/**
 * @param at the item before which a heading lands, or whose note grows; the end, or the last heading, where there is none
 */
export function withPutting(
  items: readonly OutlineItem[],
  putting: Putting,
  at: string | null,
  id: string,
): OutlineItem[] {
  const index = items.findIndex((item) => item.id === at);
  if (putting.kind === "note") {
    const target = index < 0 ? items.length - 1 : index;
    return items.map((item, i) =>
      i === target ? { ...item, note: [item.note, putting.text].filter(Boolean).join("\n") } : item,
    );
  }
  if (putting.kind === "faq") return [...items, { id, level: 3, text: putting.text, note: "", faq: true }];
  const place = index < 0 ? items.length : index;
  const item: OutlineItem = {
    id,
    level: place === 0 ? 2 : putting.level,
    text: putting.text,
    note: "",
    ...(putting.budget && { budget: putting.budget }),
  };
  return items.toSpliced(place, 0, item);
}
