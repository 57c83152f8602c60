import { Type } from "@sinclair/typebox";
import { type Range, rangeShare } from "../../shares";
import { defineCheck, judged, waiting } from "../check";
import { number, plural, rangeFormula } from "../evidence";
import { range } from "../thresholds";

const thresholds = Type.Object(
  {
    range: range([150, 700], { name: "Length", unit: "words" }),
    fieldRange: range([0.2, 0.8], { name: "Length, as a share of the competitors' median" }),
  },
  { additionalProperties: false },
);

export const length = defineCheck({
  id: "length",
  weight: 4,
  thresholds,
  group: "structure",
  name: "Long enough",
  effort: "longer",
  place: "body",
  says: "The text is long enough to answer the question. Longer than that earns nothing more.",
  reads: ["words"],
  judge(reading, { range, fieldRange }) {
    if (!reading.words) return waiting("There is no text yet.");
    const median = reading.context.competitors?.medianWords ?? 0;
    const inForce = median > 0 ? (fieldRange.map((bound) => bound * median) as Range) : range;
    const share = rangeShare(reading.words, inForce);
    const said = plural(reading.words, "word");
    const measured = median > 0 ? `, by competitors with a median of ${number(Math.round(median))}` : "";
    return judged(
      share,
      share < 1
        ? `${said}; ${number(Math.ceil(inForce[1]))} or more are enough${measured}.`
        : `${said}: long enough${measured}.`,
      [],
      { formula: rangeFormula(reading.words, inForce) },
    );
  },
});
