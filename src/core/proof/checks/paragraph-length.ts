import { fallingShare, oneLess } from "../../shares";
import { type Check, judged, waiting } from "../check";
import { atFault, MOST_EVIDENCE, percent, percents, plural, wholeBlock } from "../evidence";

export const paragraphLength: Check = {
  id: "paragraph-length",
  group: "reading",
  name: "Paragraphs of a readable length",
  effort: "minutes",
  place: "body",
  says: "At most one paragraph in ten is longer than 120 words: on a narrow screen that fills the height, and nobody sees where it ends.",
  judge(reading) {
    const { mostWords, full, zero } = reading.profile.checks["paragraph-length"];
    const paragraphs = reading.prose.filter((block) => reading.draft.blocks[block]!.kind === "paragraph");
    if (!paragraphs.length) return waiting("There is no paragraph yet.");
    const long = paragraphs.filter((block) => reading.analysed(block).tokens.length > mostWords);
    const share = long.length / paragraphs.length;
    const [shown, most] = percents([share, full]);
    const said = long.length
      ? `${plural(long.length, "paragraph")} of ${paragraphs.length.toLocaleString("en")} (${shown}) ${long.length === 1 ? "has" : "have"} more than ${mostWords} words`
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
};
