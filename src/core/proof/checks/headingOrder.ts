import { defineCheck, judged } from "../check";
import { atFault, MOST_EVIDENCE, wholeHeadings } from "../evidence";

export const headingOrder = defineCheck({
  id: "heading-order",
  weight: 3,
  group: "structure",
  name: "Heading levels in order",
  effort: "seconds",
  place: "body",
  says: "No heading goes more than one level deeper than the one before it, so that readers and screen readers can follow the outline.",
  reads: ["headings"],
  judge(reading) {
    const { headings } = reading;
    const after = headings.slice(1);
    if (!after.length) return judged(1, "There are no headings out of order.");
    const jumps = after.filter((heading, i) => heading.level > headings[i]!.level + 1);
    const evidence = atFault(wholeHeadings(jumps.slice(0, MOST_EVIDENCE)), 1 / after.length);
    const reason = jumps.length
      ? `${jumps.length} of ${after.length} headings skip a level.`
      : "Every heading follows on from the one before.";
    return judged(1 - jumps.length / after.length, reason, evidence, {
      formula: `1 − ${jumps.length} / ${after.length} = ${(1 - jumps.length / after.length).toFixed(3)}`,
    });
  },
});
