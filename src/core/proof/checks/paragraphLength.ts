import { Type } from "@sinclair/typebox";
import { fallingShare, oneLess } from "../../shares";
import { defineCheck, judged, waiting } from "../check";
import { atFault, MOST_EVIDENCE, number, percent, percents, plural, wholeBlock } from "../evidence";
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
  judge(reading, { mostWords, full, zero }) {
    const paragraphs = reading.prose.filter((block) => reading.draft.blocks[block]!.kind === "paragraph");
    if (!paragraphs.length) return waiting("There is no paragraph yet.");
    const long = paragraphs.filter((block) => reading.analysed(block).tokens.length > mostWords);
    const share = long.length / paragraphs.length;
    const [shown, most] = percents([share, full]);
    const said = long.length
      ? `${plural(long.length, "paragraph")} of ${number(paragraphs.length)} (${shown}) ${long.length === 1 ? "has" : "have"} more than ${mostWords} words`
      : `No paragraph has more than ${mostWords} words`;
    return judged(
      fallingShare(share, full, zero),
      share > full ? `${said}; ${most} is the most that reads well.` : `${said}.`,
      atFault(
        long.slice(0, MOST_EVIDENCE).map((block) => wholeBlock(reading, block)),
        oneLess(long.length, paragraphs.length, full, zero),
      ),
      {
        formula: `${long.length} / ${paragraphs.length} = ${percent(share, 2)}; all of the weight to ${percent(full)}, none from ${percent(zero)}.`,
      },
    );
  },
});
