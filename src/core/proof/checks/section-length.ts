import { type Check, judged, waiting } from "../check";
import { MOST_EVIDENCE, percent, wholeBlock } from "../evidence";

export const sectionLength: Check = {
  id: "section-length",
  group: "structure",
  name: "Sections of a readable length",
  effort: "minutes",
  place: "body",
  says: "The text stands in sections of 300 words or fewer, each under its own heading: readers scan before they read.",
  judge(reading) {
    const { mostWords } = reading.profile.checks["section-length"];
    const total = reading.sections.reduce((sum, section) => sum + section.words, 0);
    if (!total) return waiting("There is no text yet.");
    const long = reading.sections.filter((section) => section.words > mostWords);
    const inLong = long.reduce((sum, section) => sum + section.words, 0);
    const evidence = long.slice(0, MOST_EVIDENCE).map(({ heading, firstBlock, words }) => ({
      ...wholeBlock(reading, heading ?? firstBlock),
      worth: words / total,
    }));
    const reason = long.length
      ? `${percent(inLong / total)} of the words stand in sections of more than ${mostWords} words; the longest has ${Math.max(...long.map((s) => s.words))}.`
      : `No section is longer than ${mostWords} words.`;
    return judged(1 - inLong / total, reason, evidence, {
      formula: `1 − ${inLong} / ${total} = ${(1 - inLong / total).toFixed(3)}`,
    });
  },
};
