import { bestOccurrence } from "../../text/match";
import { defineCheck, judged, waiting, waitingForKeyword } from "../check";
import { formWords, inOpening, quoted } from "../evidence";
import { bestUse } from "../reading/opening";

export const keywordInOpening = defineCheck({
  id: "keyword-in-opening",
  weight: 4,
  group: "keyword",
  name: "Keyword in the opening",
  effort: "minutes",
  place: "body",
  says: (_, { openingWords }) =>
    `The opening (the first paragraph, or the first ${openingWords} words where that is longer) contains the target keyword, so that a reader sees at once that the page answers what they asked.`,
  reads: ["opening"],
  judge(reading) {
    if (!reading.keyword) return waitingForKeyword();
    const { opening } = reading;
    if (!opening) return waiting("There is no opening paragraph yet.");
    const best = bestUse(opening) ?? bestOccurrence(reading.findIn(opening.analysed(), true));
    if (!best) return judged(0, `The opening does not have ${quoted(reading.keyword.text)}.`);
    return judged(best.value, `The opening has it ${formWords(best)}.`, [
      inOpening(opening, best.start, best.end, best.form),
    ]);
  },
});
