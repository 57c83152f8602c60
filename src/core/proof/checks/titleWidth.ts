import { Type } from "@sinclair/typebox";
import { rangeShare } from "../../shares";
import { textWidth } from "../../snippet/width";
import { defineCheck, judged, waiting } from "../check";
import { inField, rangeFormula } from "../evidence";
import { amount, band } from "../thresholds";

export const titleThresholds = Type.Object(
  {
    size: amount(20, { name: "Letter size", unit: "px", least: 1 }),
    range: band([120, 285, 580, 700], { name: "Width", unit: "px" }),
  },
  { additionalProperties: false },
);

export const titleWidth = defineCheck({
  id: "title-width",
  weight: 5,
  thresholds: titleThresholds,
  group: "snippet",
  name: "Meta title fits",
  effort: "seconds",
  place: "metaTitle",
  says: "The meta title, including what the site adds to the end, fills the line of a results page and is not cut off. Width counts, not the number of characters.",
  reads: ["searchTitle", "titleSuffix"],
  judge(reading, { size, range }) {
    const field = reading.searchTitle;
    if (!field) return waiting("There is no title yet.");
    const width = textWidth(field.text + reading.titleSuffix, size);
    const [, from, to = Number.POSITIVE_INFINITY] = range;
    const said = `${Math.round(width)} px wide`;
    const reason =
      width < from
        ? `${said}: short, ${from} px or more is better.`
        : width > to
          ? `${said}: it is cut off at about ${to} px.`
          : `${said}: it fits.`;
    const share = rangeShare(width, range);
    return judged(share, reason, [inField(field)], {
      formula: rangeFormula(width, range),
      ...(width > to && { excess: 1 - share }),
    });
  },
});
