import { Type } from "@sinclair/typebox";
import { rangeShare } from "../../shares";
import { textWidth } from "../../snippet/width";
import { defineCheck, judged, waiting } from "../check";
import { inField, rangeFormula } from "../evidence";
import { amount, band, share } from "../thresholds";

export const descriptionThresholds = Type.Object(
  {
    size: amount(14, { name: "Letter size", unit: "px", least: 1 }),
    range: band([150, 430, 920, 1200], { name: "Width", unit: "px" }),
    longShare: share(0.3, "Earned at least when too long"),
  },
  { additionalProperties: false },
);

export const descriptionWidth = defineCheck({
  id: "description-width",
  weight: 5,
  thresholds: descriptionThresholds,
  group: "snippet",
  name: "Meta description fits",
  effort: "minutes",
  place: "description",
  says: "The meta description fills the lines that a results page gives it and is not cut off. It is the sentence that wins or loses the click.",
  reads: ["description"],
  judge(reading, { size, range, longShare }) {
    const field = reading.description;
    if (!field) return waiting("There is no meta description yet.");
    const width = textWidth(field.text, size);
    const [, from, to = Number.POSITIVE_INFINITY] = range;
    const said = `${Math.round(width)} px wide`;
    if (width > to) {
      const share = Math.max(longShare, rangeShare(width, range));
      return judged(share, `${said}: it is cut off at about ${to} px.`, [inField(field)], {
        formula: `${rangeFormula(width, range)}, never under ${longShare}`,
        excess: 1 - share,
      });
    }
    const reason = width < from ? `${said}: short, ${from} px or more is better.` : `${said}: it fits.`;
    return judged(rangeShare(width, range), reason, [inField(field)], {
      formula: rangeFormula(width, range),
    });
  },
});
