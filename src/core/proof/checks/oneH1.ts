import { Type } from "@sinclair/typebox";
import { defineCheck, judged } from "../check";
import { atFault, plural, wholeHeadings } from "../evidence";
import { share } from "../thresholds";

const thresholds = Type.Object(
  {
    twoShare: share(0.5, "Earned with two H1s"),
  },
  { additionalProperties: false },
);

export const oneH1 = defineCheck({
  id: "one-h1",
  weight: 3,
  thresholds,
  group: "structure",
  name: "One H1",
  effort: "seconds",
  place: "body",
  says: "The page as rendered has exactly one H1. Where the body has none, the post's title is it.",
  reads: ["h1s"],
  judge(reading, { twoShare }) {
    const { h1s } = reading;
    const evidence = wholeHeadings(h1s);
    if (h1s.length === 1)
      return judged(
        1,
        h1s[0]!.block === null ? "The title is the page's one H1." : "The body has one H1.",
        [],
      );
    if (!h1s.length) return judged(0, "The page has no H1: give the post a title.");
    const share = h1s.length === 2 ? twoShare : 0;
    // Of the body's own, the first may stay where the title is none.
    const one = { 2: 1 - share, 3: twoShare }[h1s.length] ?? 0;
    const kept = h1s[0]!.block === null ? 0 : 1;
    return judged(share, `The page has ${plural(h1s.length, "H1")}: make the others H2.`, [
      ...evidence.slice(0, kept),
      ...atFault(evidence.slice(kept), one),
    ]);
  },
});
