import { type Range, rangeShare } from "../../shares";
import { type Check, judged, waiting } from "../check";
import { plural, rangeFormula } from "../evidence";

export const length: Check = {
  id: "length",
  group: "structure",
  name: "Long enough",
  effort: "longer",
  place: "body",
  says: "The text is long enough to answer the question. Longer than that earns nothing more.",
  judge(reading) {
    const { range, fieldRange } = reading.profile.checks.length;
    if (!reading.words) return waiting("There is no text yet.");
    const median = reading.context.field?.medianWords ?? 0;
    const inForce = median > 0 ? (fieldRange.map((bound) => bound * median) as Range) : range;
    const share = rangeShare(reading.words, inForce);
    const said = plural(reading.words, "word");
    const measured =
      median > 0 ? `, by a field whose median page has ${Math.round(median).toLocaleString("en")}` : "";
    return judged(
      share,
      share < 1
        ? `${said}; ${Math.ceil(inForce[1]).toLocaleString("en")} or more are enough${measured}.`
        : `${said}: long enough${measured}.`,
      [],
      { formula: rangeFormula(reading.words, inForce) },
    );
  },
};
