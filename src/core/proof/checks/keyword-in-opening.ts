import { bestOccurrence } from "../../text/match";
import { type Check, judged, waiting, waitingForKeyword } from "../check";
import { formWords, quoted } from "../evidence";
import { openingOf } from "../opening";

export const keywordInOpening: Check = {
  id: "keyword-in-opening",
  group: "keyword",
  name: "Keyword in the opening",
  effort: "minutes",
  place: "body",
  says: "The opening (the first paragraph, or the first 100 words where that is longer) says the target keyword, so that a reader sees at once that the page answers what they asked.",
  judge(reading) {
    if (!reading.keyword) return waitingForKeyword();
    const opening = openingOf(reading);
    if (!opening) return waiting("There is no opening paragraph yet.");
    const found = bestOccurrence(reading.findIn(opening.analysed, true));
    if (!found) return judged(0, `The opening does not say ${quoted(reading.keyword.text)}.`);
    return judged(found.value, `The opening has it ${formWords(found)}.`, [
      { ...opening.evidence(found.start, found.end), form: found.form },
    ]);
  },
};
