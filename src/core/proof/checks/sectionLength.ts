import { Type } from "@sinclair/typebox";
import { defineCheck, judged, waiting } from "../check";
import { MOST_EVIDENCE, percent, wholeBlock } from "../evidence";
import { amount } from "../thresholds";

export const sectionThresholds = Type.Object(
  {
    mostWords: amount(300, { name: "Longest section", unit: "words" }),
  },
  { additionalProperties: false },
);

export const sectionLength = defineCheck({
  id: "section-length",
  weight: 4,
  thresholds: sectionThresholds,
  group: "structure",
  name: "Sections of a readable length",
  effort: "minutes",
  place: "body",
  says: ({ mostWords }) =>
    `The text is in sections of ${mostWords} words or fewer, each under its own heading: readers scan before they read.`,
  reads: ["sections"],
  judge(reading, { mostWords }) {
    const total = reading.sections.reduce((sum, section) => sum + section.words, 0);
    if (!total) return waiting("There is no text yet.");
    const long = reading.sections.filter((section) => section.words > mostWords);
    const inLong = long.reduce((sum, section) => sum + section.words, 0);
    const evidence = long.slice(0, MOST_EVIDENCE).map(({ shownBy, words }) => ({
      ...wholeBlock(shownBy!),
      worth: words / total,
    }));
    const reason = long.length
      ? `${percent(inLong / total)} of the words are in sections of more than ${mostWords} words; the longest has ${Math.max(...long.map((s) => s.words))}.`
      : `No section is longer than ${mostWords} words.`;
    return judged(1 - inLong / total, reason, evidence, {
      formula: `1 − ${inLong} / ${total} = ${(1 - inLong / total).toFixed(3)}`,
    });
  },
});
