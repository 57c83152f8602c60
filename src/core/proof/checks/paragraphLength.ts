import { Type } from "@sinclair/typebox";
import { fallingShare, oneLess, total } from "../../shares";
import { defineCheck, judged, waiting } from "../check";
import { atFault, number, percent, percents, placesIn, plural, wholeBlock } from "../evidence";
import type { Stretch } from "../reading/reading";
import { amount, share } from "../thresholds";

export const paragraphThresholds = Type.Object(
  {
    mostWords: amount(120, { name: "Longest paragraph", unit: "words", least: 1 }),
    full: share(0.1, "Long paragraphs: everything earned up to"),
    zero: share(0.5, "Long paragraphs: nothing earned from"),
  },
  { additionalProperties: false },
);

export const paragraphLength = defineCheck({
  id: "paragraph-length",
  weight: 1.5,
  thresholds: paragraphThresholds,
  group: "reading",
  name: "Paragraphs of a readable length",
  effort: "minutes",
  place: "body",
  says: ({ mostWords, full }) =>
    `At most ${percent(full)} of the paragraphs are longer than ${mostWords} words: on a narrow screen that fills the height, and nobody sees where it ends.`,
  reads: [],
  counts: { in: "prose", of: ({ mostWords }) => longParagraphs(mostWords) },
  judge(_, { mostWords, full, zero }, counts) {
    const all = total(counts, ({ all }) => all);
    if (!all) return waiting("There is no paragraph yet.");
    const long = total(counts, ({ long }) => long);
    const share = long / all;
    const [shown, most] = percents([share, full]);
    const said = long
      ? `${plural(long, "paragraph")} of ${number(all)} (${shown}) ${long === 1 ? "has" : "have"} more than ${mostWords} words`
      : `No paragraph has more than ${mostWords} words`;
    return judged(
      fallingShare(share, full, zero),
      share > full ? `${said}; ${most} is the most that reads well.` : `${said}.`,
      atFault(placesIn(counts), oneLess(long, all, full, zero)),
      {
        formula: `${long} / ${all} = ${percent(share, 2)}; all of the weight to ${percent(full)}, none from ${percent(zero)}.`,
      },
    );
  },
});

const longParagraphs = (mostWords: number) => (stretch: Stretch) => {
  const paragraphs = stretch.filter(({ of }) => of.kind === "paragraph");
  const long = paragraphs.filter(({ reading }) => reading.analysed.tokens.length > mostWords);
  return { all: paragraphs.length, long: long.length, places: long.map(wholeBlock) };
};
