import { Type } from "@sinclair/typebox";
import { fallingShare, oneLess, total } from "../../shares";
import type { Evidence } from "../check";
import { defineCheck, judged, waiting } from "../check";
import { atFault, inBlock, MOST_EVIDENCE, number, percent, percents, placesIn, plural } from "../evidence";
import type { Stretch } from "../reading/reading";
import { amount, share } from "../thresholds";

const thresholds = Type.Object(
  {
    mostWords: amount(25, { name: "Longest sentence", unit: "words", least: 1 }),
    full: share(0.25, "Long sentences: everything earned up to"),
    zero: share(0.5, "Long sentences: nothing earned from"),
  },
  { additionalProperties: false },
);

export const sentenceLength = defineCheck({
  id: "sentence-length",
  weight: 1.5,
  thresholds,
  group: "reading",
  name: "Sentences of a readable length",
  effort: "minutes",
  place: "body",
  says: ({ mostWords, full }) =>
    `At most ${percent(full)} of the sentences are longer than ${mostWords} words: a reader must hold a sentence in mind until it ends.`,
  reads: [],
  counts: { in: "prose", of: ({ mostWords }) => longSentences(mostWords) },
  judge(_, { mostWords, full, zero }, counts) {
    const all = total(counts, ({ all }) => all);
    const long = total(counts, ({ long }) => long);
    const evidence = placesIn(counts);
    if (!all) return waiting("There is no text yet.");
    const share = long / all;
    const [shown, most] = percents([share, full]);
    const said = long
      ? `${plural(long, "sentence")} of ${number(all)} (${shown}) ${long === 1 ? "has" : "have"} more than ${mostWords} words`
      : `No sentence has more than ${mostWords} words`;
    return judged(
      fallingShare(share, full, zero),
      share > full ? `${said}; ${most} is the most that reads well.` : `${said}.`,
      atFault(evidence, oneLess(long, all, full, zero)),
      {
        formula: `${long} / ${all} = ${percent(share, 2)}; all of the weight to ${percent(full)}, none from ${percent(zero)}.`,
      },
    );
  },
});

const longSentences = (mostWords: number) => (stretch: Stretch) => {
  let all = 0;
  let long = 0;
  const places: Evidence[] = [];
  for (const block of stretch) {
    const { prose, analysed } = block.reading;
    all += prose.sentences.length;
    for (const { words, first } of prose.sentences) {
      if (words <= mostWords) continue;
      long++;
      if (places.length < MOST_EVIDENCE)
        places.push(inBlock(block, analysed.tokens[first]!.start, analysed.tokens[first + words - 1]!.end));
    }
  }
  return { all, long, places };
};
