/** The site as a whole: how its posts score, and since when. */
import type { PostScore, PostVersion } from "../../../data/model";

/** Columns of the distribution: ten points each, the last one 100 included. */
export const BINS = 10;

/** @returns how many posts score in each ten */
export function distribution(scores: readonly Pick<PostScore, "score">[]): number[] {
  const bins = Array.from({ length: BINS }, () => 0);
  for (const { score } of scores) bins[Math.min(BINS - 1, Math.floor(score / (100 / BINS)))]!++;
  return bins;
}

/**
 * The mean score of the site day by day: on each day on which a version was kept, the mean of what every post scored by then.
 * Posts of which no version was kept yet count with what they score now, from the first day on.
 *
 * @param now what each post scores today
 * @param today ISO date
 */
export function meanOverTime(
  versions: readonly Pick<PostVersion, "postId" | "savedAt" | "score">[],
  now: ReadonlyMap<string, number>,
  today: string,
): { day: string; mean: number }[] {
  const kept = versions
    .filter(({ postId, score }) => score !== null && now.has(postId))
    .sort((a, b) => (a.savedAt < b.savedAt ? -1 : 1));
  const mean = (scores: ReadonlyMap<string, number>) =>
    [...scores.values()].reduce((sum, score) => sum + score, 0) / scores.size;
  if (!now.size) return [];
  // Before its first version, a post scored what that version did.
  const at = new Map(now);
  for (const { postId, score } of [...kept].reverse()) at.set(postId, score!);
  const days = new Map<string, number>();
  for (const { postId, savedAt, score } of kept) {
    at.set(postId, score!);
    days.set(savedAt.slice(0, 10), mean(at));
  }
  days.set(today, mean(now));
  return [...days].map(([day, value]) => ({ day, mean: value }));
}
