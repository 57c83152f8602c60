import { bestOccurrence } from "../../text/match";
import { type Check, judged, notApplicable, waiting, waitingForKeyword } from "../check";
import { atFault, formWords, MOST_EVIDENCE, percent, quoted } from "../evidence";

export const keywordInAlt: Check = {
  id: "keyword-in-alt",
  group: "pictures",
  name: "Keyword in an alt text",
  effort: "seconds",
  place: "pictures",
  says: "One alt text or more says the target keyword, where that is honest; where there are four or more, no more than half of them do.",
  judge(reading) {
    if (!reading.keyword) return waitingForKeyword();
    if (!reading.pictures.length) return waiting("There is no picture yet.");
    const meant = reading.pictures.filter(({ picture }) => !picture.decorative);
    if (!meant.length) return notApplicable("All pictures are marked as decoration.");
    const alts = meant.filter(({ picture }) => picture.alt);
    const { manyAlts, mostShare } = reading.profile.checks["keyword-in-alt"];
    const carrying = alts.flatMap(({ block, picture }) => {
      const found = bestOccurrence(reading.findIn(reading.analyse(picture.alt!), false));
      return found ? [{ block, picture, found }] : [];
    });
    if (!carrying.length) return judged(0, `No alt text says ${quoted(reading.keyword.text)}.`);
    const evidence = carrying.slice(0, MOST_EVIDENCE).map(({ block, picture, found }) => ({
      quote: picture.alt!.slice(found.start, found.end),
      block,
      field: "alt" as const,
      start: found.start,
      end: found.end,
      form: found.form,
    }));
    if (alts.length >= manyAlts && carrying.length > mostShare * alts.length) {
      // One less is enough where the others are no longer too many.
      const enough = carrying.length - 1 <= mostShare * alts.length;
      const places = atFault(evidence, enough ? 1 : 0);
      return judged(0, `${carrying.length} of ${alts.length} alt texts say it: that is too many.`, places, {
        formula: `${carrying.length} / ${alts.length} is more than ${percent(mostShare)}`,
        excess: 1,
      });
    }
    const best = carrying.reduce((a, b) => (b.found.value > a.found.value ? b : a));
    return judged(best.found.value, `An alt text has it ${formWords(best.found)}.`, evidence);
  },
};
