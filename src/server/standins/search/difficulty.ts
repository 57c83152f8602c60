import type { Ranked } from "./corpus";

const COMPARED = 10;

/**
 * How hard it is to rank for a query, from the pages that stand in its way: 0 where there are none, towards 100 where ten
 * well linked pages have it in their titles.
 *
 *     difficulty = 100 · Σ strength_i / i ÷ Σ 1 / i     over places i = 1 … 10, empty places of strength 0
 *     strength   = 0.40 · link prior + 0.35 · share of the query's stems in the title + 0.25 · (share of its stems in the page)²
 *
 * The formula is the stand-in's own.
 */
export function difficultyOf(stems: readonly string[], rivals: readonly Ranked[]): number {
  let sum = 0;
  let most = 0;
  for (let place = 1; place <= COMPARED; place++) {
    most += 1 / place;
    const result = rivals[place - 1];
    if (!result) continue;
    const { page, has } = result;
    const inTitle = stems.length
      ? stems.filter((stem) => page.titleStems.has(stem)).length / stems.length
      : 0;
    sum += (0.4 * page.prior + 0.35 * inTitle + 0.25 * has ** 2) / place;
  }
  return Math.round((100 * sum) / most);
}
