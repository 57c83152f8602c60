import { foldPlain } from "./fold";
import type { LanguagePack } from "./packs/pack";

/**
 * Whether a heading names a kind of section and nothing of what it says: "Questions", "Related posts", "3 answers".
 *
 * @param heading as it is written
 */
export function isFurnitureHeading(heading: string, { furnitureHeadings }: LanguagePack): boolean {
  const folded = foldPlain(heading);
  if (furnitureHeadings.has(folded)) return true;
  const counted = /^\d+ (.+)$/.exec(folded)?.[1];
  return counted !== undefined && (furnitureHeadings.has(counted) || furnitureHeadings.has(`${counted}s`));
}
