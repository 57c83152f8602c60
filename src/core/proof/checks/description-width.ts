import { rangeShare } from "../../shares";
import { textWidth } from "../../snippet/width";
import { type Check, judged, waiting } from "../check";
import { inField, rangeFormula } from "../evidence";

export const descriptionWidth: Check = {
  id: "description-width",
  group: "snippet",
  name: "Meta description fits",
  effort: "minutes",
  place: "description",
  says: "The meta description fills the lines that a results page gives it and is not cut off. It is the sentence that wins or loses the click.",
  judge(reading) {
    const field = reading.description;
    if (!field) return waiting("There is no meta description yet.");
    const { size, range, longShare } = reading.profile.checks["description-width"];
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
};
