import { type Check, judged, waiting } from "../check";
import { plural } from "../evidence";
import { rangeShare } from "../profile";

export const length: Check = {
  id: "length",
  group: "structure",
  name: "Long enough",
  effort: "longer",
  place: "body",
  says: "The text is long enough to answer the question. Longer than that earns nothing more.",
  judge(reading) {
    const { range } = reading.profile.checks.length;
    if (!reading.words) return waiting("There is no text yet.");
    const share = rangeShare(reading.words, range);
    const said = plural(reading.words, "word");
    return judged(share, share < 1 ? `${said}; ${range[1]} or more are enough.` : `${said}: long enough.`);
  },
};
