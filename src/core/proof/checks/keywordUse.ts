import { Type } from "@sinclair/typebox";
import type { CompetitorMeasure } from "../../competitors/measure";
import { stemKey } from "../../keywords/stemKey";
import { MemoBy } from "../../memo";
import { total } from "../../shares";
import { defineCheck, type Evidence, judged, waiting, waitingForKeyword } from "../check";
import { inBlock, number, percent, percents, placesIn, plural } from "../evidence";
import type { Grounds, Stretch } from "../reading/reading";
import { amount, share, thresholdsIn } from "../thresholds";

/** All uses of any real post are shown; a megabyte of one phrase need not be. */
const MOST_USES = 500;

const thresholds = Type.Object(
  {
    low: share(0.004, "Usual density, from (uses per word)"),
    high: share(0.02, "Usual density, to (uses per word)"),
    fewUses: amount(3, { name: "Fewest uses", unit: "uses" }),
    fewWords: amount(300, { name: "Fewest uses apply from", unit: "words" }),
    fewShare: share(0.6, "Earned at most with fewer uses"),
    endFactor: amount(1.75, { name: "Nothing earned from", unit: "times the upper density", least: 1 }),
    endAtLeast: share(0.035, "Nothing earned from a density of, at least"),
    overWords: amount(150, { name: "Never too many in texts under", unit: "words" }),
    overUses: amount(3, { name: "Never too many with fewer than", unit: "uses" }),
    fieldPages: amount(5, {
      name: "Competing pages that set the density, at least",
      unit: "pages",
      least: 1,
    }),
  },
  { additionalProperties: false },
);

export const keywordUse = defineCheck({
  id: "keyword-use",
  weight: 5,
  thresholds,
  group: "keyword",
  name: "Keyword use in the text",
  effort: "minutes",
  place: "body",
  says: "The text uses the target keyword as often as a page on the subject does: neither hardly ever nor until it reads like a list. All word forms count; points stop at the upper end and fall beyond it.",
  reads: ["useCount", "words"],
  counts: { in: "uses", of: () => usesIn },
  judge(reading, { fewUses, fewWords, fewShare, endFactor, endAtLeast, overUses, overWords }, counts) {
    if (!reading.keyword) return waitingForKeyword();
    if (!reading.words) return waiting("There is no text yet.");
    const { low, high, ofCompetitors } = usualDensity(reading);
    const { useCount, words } = reading;
    const density = useCount / words;
    const evidence = placesIn(counts, MOST_USES);
    const [shown, from, to] = percents([density, low, high], 1);
    const usual = `usual is ${from} to ${to}${ofCompetitors ? " for competitors" : ""}`;
    const said = `${plural(useCount, "use")} in ${plural(words, "word")} (${shown})`;
    const opening = total(counts, ({ beginning }) => beginning);
    const begins = opening >= MANY_OPENINGS ? ` ${number(opening)} sentences begin with it.` : "";
    if (density > high && words < overWords && useCount < overUses)
      return judged(1, `${said}: in fewer than ${overWords} words that is not too many.${begins}`, evidence, {
        formula: `fewer than ${overUses} uses in fewer than ${overWords} words: 1`,
      });
    if (density > high) {
      const end = Math.max(endFactor * high, endAtLeast);
      const share = Math.max(0, (end - density) / (end - high));
      return judged(share, `${said}: too many, ${usual}.${begins}`, evidence, {
        formula: `(${percent(end, 2)} − ${percent(density, 2)}) / (${percent(end, 2)} − ${percent(high, 2)}) = ${share.toFixed(3)}`,
        excess: 1 - share,
      });
    }
    const rising = density >= low ? 1 : density / low;
    const few = words >= fewWords && useCount < fewUses;
    const share = few ? Math.min(rising, fewShare) : rising;
    return judged(share, `${said}: ${share < 1 ? "few, " : ""}${usual}.${begins}`, evidence, {
      formula: `${useCount} / ${words} = ${percent(density, 2)}; ${density < low ? `${percent(density, 2)} / ${percent(low, 2)} = ${rising.toFixed(3)}` : "inside the range: 1"}${few ? `; fewer than ${fewUses} uses in ${fewWords} words: at most ${fewShare}` : ""}`,
    });
  },
});

/** So many sentences that begin alike are heard as a drum. */
const MANY_OPENINGS = 4;

function usesIn(stretch: Stretch) {
  const places: Evidence[] = [];
  for (const block of stretch)
    for (const { start, end, form } of block.reading.uses) places.push(inBlock(block, start, end, form));
  return { places, beginning: sentencesThatBegin(stretch) };
}

function sentencesThatBegin(blocks: Stretch): number {
  let count = 0;
  for (const { of, reading } of blocks) {
    if (of.kind === "heading") continue;
    const { tokens } = reading.analysed;
    let at = 0;
    for (const { start } of reading.uses) {
      while (tokens[at]!.start < start) at++;
      if (at === 0 || tokens[at - 1]!.sentence !== tokens[at]!.sentence) count++;
    }
  }
  return count;
}

/** Of competing pages, whether they are for a keyword: asked with every keystroke, and answered by stemming. */
const answers = new MemoBy<CompetitorMeasure, boolean>();

function isFor(competitors: CompetitorMeasure, keyword: string, language: string): boolean {
  return answers.get(
    competitors,
    [keyword, language],
    () => stemKey(competitors.keyword, language) === stemKey(keyword, language),
  );
}

/** What is usual: between the 10th and 90th percentile of the competing pages, where there are enough and they are for this keyword. */
function usualDensity({ profile, context: { competitors }, keyword, pack }: Grounds): {
  low: number;
  high: number;
  ofCompetitors: boolean;
} {
  const { low, high, fieldPages } = thresholdsIn(profile, "keyword-use", thresholds);
  if (!competitors || competitors.pages < fieldPages || !isFor(competitors, keyword?.text ?? "", pack.code))
    return { low, high, ofCompetitors: false };
  // Where a tenth of the pages never say it, saying it hardly ever is still no full use.
  const from = Math.max(competitors.density[0], low / 2);
  return { low: from, high: Math.max(competitors.density[1], 1.5 * from), ofCompetitors: true };
}
