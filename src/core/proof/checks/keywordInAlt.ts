import { Type } from "@sinclair/typebox";
import { bestOccurrence } from "../../text/match";
import { defineCheck, judged, notApplicable, waiting, waitingForKeyword } from "../check";
import { atFault, formWords, MOST_EVIDENCE, percent, quoted } from "../evidence";
import { amount, share } from "../thresholds";

const thresholds = Type.Object(
  {
    manyAlts: amount(4, { name: "Too many: from", unit: "alt texts" }),
    mostShare: share(0.5, "Too many: over this share of them"),
  },
  { additionalProperties: false },
);

export const keywordInAlt = defineCheck({
  id: "keyword-in-alt",
  weight: 1,
  thresholds,
  group: "pictures",
  name: "Keyword in an alt text",
  effort: "seconds",
  place: "pictures",
  says: ({ manyAlts, mostShare }) =>
    `At least one alt text contains the target keyword, where that is honest; with ${manyAlts} alt texts or more, no more than ${percent(mostShare)} of them do.`,
  reads: ["pictures"],
  judge(reading, { manyAlts, mostShare }) {
    if (!reading.keyword) return waitingForKeyword();
    if (!reading.pictures.length) return waiting("There is no picture yet.");
    const meant = reading.pictures.filter(({ picture }) => !picture.decorative);
    if (!meant.length) return notApplicable("All pictures are marked as decoration.");
    const alts = meant.filter(({ picture }) => picture.alt);
    const carrying = alts.flatMap(({ block, picture }) => {
      const occurrence = bestOccurrence(reading.findIn(reading.analyse(picture.alt!), false));
      return occurrence ? [{ block, picture, occurrence }] : [];
    });
    if (!carrying.length) return judged(0, `No alt text has ${quoted(reading.keyword.text)}.`);
    const evidence = carrying.slice(0, MOST_EVIDENCE).map(({ block, picture, occurrence }) => ({
      quote: picture.alt!.slice(occurrence.start, occurrence.end),
      block,
      field: "alt" as const,
      start: occurrence.start,
      end: occurrence.end,
      form: occurrence.form,
    }));
    if (alts.length >= manyAlts && carrying.length > mostShare * alts.length) {
      // One less is enough where the others are no longer too many.
      const enough = carrying.length - 1 <= mostShare * alts.length;
      const places = atFault(evidence, enough ? 1 : 0);
      return judged(0, `${carrying.length} of ${alts.length} alt texts have it: that is too many.`, places, {
        formula: `${carrying.length} / ${alts.length} is more than ${percent(mostShare)}`,
        excess: 1,
      });
    }
    const best = carrying.reduce((a, b) => (b.occurrence.value > a.occurrence.value ? b : a));
    return judged(best.occurrence.value, `An alt text has it ${formWords(best.occurrence)}.`, evidence);
  },
});
