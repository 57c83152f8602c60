import { bestOccurrence } from "../../text/match";
import { defineCheck, type Judgement, judged, waiting, waitingForKeyword } from "../check";
import { formWords, inHeading, quoted } from "../evidence";

export const keywordInH1 = defineCheck({
  id: "keyword-in-h1",
  weight: 4,
  group: "keyword",
  name: "Keyword in the page's H1",
  effort: "seconds",
  place: "title",
  says: "The page's H1 contains the target keyword. Most sites show the post's title as the H1.",
  reads: ["h1s"],
  judge(reading) {
    if (!reading.keyword) return waitingForKeyword();
    if (!reading.h1s.length) return waiting("The page has no H1 yet: give the post a title.");
    let best: Judgement = judged(0, `The H1 does not have ${quoted(reading.keyword.text)}.`);
    for (const heading of reading.h1s) {
      const occurrence = bestOccurrence(reading.findIn(heading.analysed, true));
      if (!occurrence || (best.state === "judged" && occurrence.value <= best.share)) continue;
      best = judged(occurrence.value, `The H1 has it ${formWords(occurrence)}.`, [
        inHeading(heading, occurrence),
      ]);
    }
    return best;
  },
});
