import { Type } from "@sinclair/typebox";
import { termShare } from "../../competitors/coverage";
import { worthMost } from "../../shares";
import { defineCheck, judged, notApplicable, waiting } from "../check";
import { plural, quoted } from "../evidence";
import { amount, share } from "../thresholds";

const MOST_NAMED = 4;

export const sharedTermsThresholds = Type.Object(
  {
    overShare: share(0.5, "Earned at least beyond the usual range"),
    overFactor: amount(3, { name: "Lowest share reached at", unit: "times the usual range", above: 1 }),
  },
  { additionalProperties: false },
);

export const sharedTerms = defineCheck({
  id: "field-terms",
  weight: 9,
  thresholds: sharedTermsThresholds,
  group: "coverage",
  name: "Shared terms",
  effort: "longer",
  place: "body",
  says: "The text uses the words that competing pages share, about as often as they do. Each term earns points up to its usual range and loses them beyond it.",
  reads: ["terms", "hasWords"],
  judge(reading) {
    const { terms } = reading;
    if (!terms) return notApplicable("No competing pages are collected for this post.");
    const share = termShare(terms);
    if (share === null) return notApplicable("The competing pages share no terms.");
    if (!reading.hasWords) return waiting("There is no text yet.");
    const lacking = terms.filter((term) => term.share < 1);
    const over = lacking.filter(({ count, high }) => count > high);
    const reached = terms.length - lacking.length;
    const said = `${reached} of ${plural(terms.length, "term")} as often as usual`;
    const lostToo = over.reduce((sum, term) => sum + term.salience * (1 - term.share), 0);
    const most = worthMost(
      lacking.filter(({ count, high }) => count <= high),
      MOST_NAMED,
      ({ salience, share }) => salience * (1 - share),
    ).map(({ text }) => quoted(text));
    const named = (some: typeof over) =>
      some
        .slice(0, MOST_NAMED)
        .map(({ text }) => quoted(text))
        .join(", ");
    return judged(
      share,
      [
        said,
        most.length ? `; most to gain with ${most.join(", ")}` : "",
        over.length ? `; too often: ${named(over)}` : "",
        ".",
      ].join(""),
      [],
      {
        formula: `Σ salience · share / Σ salience = ${share.toFixed(3)} over ${terms.length} terms`,
        excess: lostToo / terms.reduce((sum, { salience }) => sum + salience, 0),
      },
    );
  },
});
