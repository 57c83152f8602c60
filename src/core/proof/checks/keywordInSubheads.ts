import { Type } from "@sinclair/typebox";
import { bestOccurrence } from "../../text/match";
import { defineCheck, judged, waiting, waitingForKeyword } from "../check";
import { formWords, inHeading, MOST_EVIDENCE, percent, quoted } from "../evidence";
import { amount, share } from "../thresholds";

const thresholds = Type.Object(
  {
    mostShare: share(0.6, "Too many: share of the subheads"),
    mostCount: amount(3, { name: "Too many: at least", unit: "subheads" }),
    mostFactor: share(0.5, "Earned when too many"),
  },
  { additionalProperties: false },
);

export const keywordInSubheads = defineCheck({
  id: "keyword-in-subheads",
  weight: 4,
  thresholds,
  group: "keyword",
  name: "Keyword in a subheading",
  effort: "seconds",
  place: "body",
  says: ({ mostShare, mostCount, mostFactor }) =>
    `At least one H2 or H3 contains the target keyword. When ${mostCount} or more do, and they are over ${percent(mostShare)} of all, the page reads like a list of keywords and earns ${percent(mostFactor)}.`,
  reads: ["headings"],
  judge(reading, { mostShare, mostCount, mostFactor }) {
    if (!reading.keyword) return waitingForKeyword();
    const subheads = reading.headings.filter((h) => h.block !== null && (h.level === 2 || h.level === 3));
    if (!subheads.length) return waiting("There are no subheadings (H2 or H3) yet.");
    const carrying = subheads.flatMap((heading) => {
      const occurrence = bestOccurrence(reading.findIn(heading.analysed, true));
      return occurrence ? [{ heading, occurrence }] : [];
    });
    if (!carrying.length)
      return judged(0, `None of the ${subheads.length} subheadings says ${quoted(reading.keyword.text)}.`);
    const best = carrying.reduce((a, b) => (b.occurrence.value > a.occurrence.value ? b : a));
    const tooMany = carrying.length >= mostCount && carrying.length > mostShare * subheads.length;
    const evidence = (tooMany ? carrying : [best])
      .slice(0, MOST_EVIDENCE)
      .map(({ heading, occurrence }) => inHeading(heading, occurrence));
    return tooMany
      ? judged(
          best.occurrence.value * mostFactor,
          `${carrying.length} of ${subheads.length} subheadings have it: that is too many.`,
          evidence,
          {
            formula: `${best.occurrence.value} · ${mostFactor} = ${(best.occurrence.value * mostFactor).toFixed(3)}: ${carrying.length} of ${subheads.length} are more than ${percent(mostShare)}`,
            excess: best.occurrence.value * (1 - mostFactor),
          },
        )
      : judged(
          best.occurrence.value,
          `${carrying.length} of ${subheads.length} subheadings say it, at best ${formWords(best.occurrence)}.`,
          evidence,
        );
  },
});
