import { faqStart, type OutlineItem } from "./outline";

/**
 * The number that a line goes by: 2 for the second H2, 2.1 for the first H3 below it, 1 for the first question of the FAQ.
 *
 * @param at its place, which there must be
 */
export function outlineNumber(outline: readonly OutlineItem[], at: number): string {
  if (outline[at]!.faq) return String(at - faqStart(outline) + 1);
  let h2 = 0;
  let h3 = 0;
  for (const item of outline.slice(0, at + 1)) {
    if (item.level === 2) {
      h2++;
      h3 = 0;
    } else h3++;
  }
  return h3 ? `${h2}.${h3}` : String(h2);
}
