/** The outline: a flat list of headings of two levels, each with a note; questions of the FAQ stay last. All operations return a new list. */
import type { OutlineItem } from "./shapes";

export type { OutlineItem } from "./shapes";

/** Changes of an item; what is undefined is taken away. */
export type OutlineChanges = { [Key in keyof OutlineItem]?: OutlineItem[Key] | undefined };

export function changedItem(item: OutlineItem, changes: OutlineChanges): OutlineItem {
  const all = Object.entries({ ...item, ...changes }).filter(([, value]) => value !== undefined);
  return Object.fromEntries(all) as unknown as OutlineItem;
}

/** The FAQ behind everything else, its questions on one level. */
export function settled(items: readonly OutlineItem[]): OutlineItem[] {
  const faq = items
    .filter((item) => item.faq)
    .map((item) => (item.level === 3 ? item : { ...item, level: 3 as const }));
  return [...items.filter((item) => !item.faq), ...faq];
}

/** Where the FAQ begins: the end where there is none. */
export function faqStart(items: readonly OutlineItem[]): number {
  const first = items.findIndex((item) => item.faq);
  return first < 0 ? items.length : first;
}

/** Moves an item, and the H3s below it when it is an H2, to just before another item's place (or the end). */
export function moveItem(items: readonly OutlineItem[], id: string, to: number): OutlineItem[] {
  const from = items.findIndex((item) => item.id === id);
  if (from < 0) return [...items];
  const length = branchLength(items, from);
  if (to >= from && to <= from + length) return [...items];
  const branch = items.slice(from, from + length);
  const rest = [...items.slice(0, from), ...items.slice(from + length)];
  const target = to > from ? to - length : to;
  return settled([...rest.slice(0, target), ...branch, ...rest.slice(target)]);
}

/** Moves an item one place up or down: an H2 past the whole neighbouring section, an H3 past its neighbour. */
export function nudgeItem(items: readonly OutlineItem[], id: string, direction: -1 | 1): OutlineItem[] {
  const from = items.findIndex((item) => item.id === id);
  const item = items[from];
  if (!item) return [...items];
  const length = branchLength(items, from);
  if (direction === 1) {
    const next = from + length;
    if (next >= items.length) return [...items];
    return moveItem(items, id, next + (item.level === 2 ? branchLength(items, next) : 1));
  }
  if (from === 0) return [...items];
  let target = from - 1;
  if (item.level === 2) while (target > 0 && items[target]!.level !== 2) target--;
  return moveItem(items, id, target);
}

/** How many items move with one: itself, and for an H2 the H3s that follow. */
export function branchLength(items: readonly OutlineItem[], at: number): number {
  let length = 1;
  if (items[at]?.level === 2) while (items[at + length]?.level === 3 && !items[at + length]?.faq) length++;
  return length;
}
