/** How the cost of a report grows with the length of the draft: fresh each time, nothing remembered. */
import type { Block, Draft } from "../src/core/draft/draft";
import { noContext } from "../src/core/proof/context";
import { proof } from "../src/core/proof/proof";
import { at, ms } from "./figures";

const LENGTHS = [500, 2000, 10_000, 50_000];
const RUNS = 7;

/**
 * @param once blocks of a post, repeated until there are words enough
 * @returns what a word costs in the longest draft, against one of 2,000 words
 */
export function benchGrowth(
  meta: Draft["meta"],
  once: readonly Block[],
  wordsOf: (text: string) => number,
): number {
  const drawn = LENGTHS.map((length) => {
    const blocks: Block[] = [];
    let words = 0;
    for (let n = 0; words < length; n++)
      for (const block of once) {
        if (words >= length) break;
        blocks.push({ ...block, id: `${n}.${block.id}` });
        words += wordsOf(block.text);
      }
    const times = Array.from({ length: RUNS }, () => {
      // Blocks are the key of what is remembered: new ones are read anew.
      const draft: Draft = { meta, blocks: blocks.map((block) => ({ ...block })), headingIds: "derived" };
      const from = performance.now();
      proof(draft, noContext);
      return performance.now() - from;
    });
    return { words, time: at(times, 0.5) };
  });
  console.log("\nA report from nothing, by length of the draft");
  for (const { words, time } of drawn)
    console.log(
      `${words.toLocaleString("en").padStart(7)} words   median ${ms(time)}   ${ms((time / words) * 1000)} for 1,000 words`,
    );
  const each = drawn.map(({ words, time }) => time / words);
  const growth = each.at(-1)! / each[1]!;
  console.log(
    `cost of a word, longest against ${LENGTHS[1]!.toLocaleString("en")} words: ${growth.toFixed(2)}   (aim: linear, 1 or less)`,
  );
  return growth;
}
