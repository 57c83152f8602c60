import { foldPlain } from "../../text/fold";
import { type Check, judged, waiting } from "../check";
import { inField, quoted } from "../evidence";

export const titleDistinct: Check = {
  id: "title-distinct",
  group: "snippet",
  name: "Meta title is the site's only one",
  effort: "seconds",
  place: "metaTitle",
  says: "No other post of the site has the same meta title, or nearly the same words: two of a name compete, and readers cannot tell them apart.",
  judge(reading) {
    const field = reading.searchTitle;
    if (!field) return waiting("There is no title yet.");
    const { nearShare, nearFactor } = reading.profile.checks["title-distinct"];
    const own = foldPlain(field.text);
    const words = new Set(own.split(" ").filter(Boolean));
    let near: string | null = null;
    for (const { metaTitle } of reading.context.others) {
      const theirs = foldPlain(metaTitle);
      if (!theirs) continue;
      if (theirs === own)
        return judged(0, `Another post has the same meta title: ${quoted(metaTitle)}.`, [inField(field)]);
      const others = new Set(theirs.split(" "));
      const shared = [...words].filter((word) => others.has(word)).length;
      if (words.size && shared / words.size >= nearShare) near ??= metaTitle;
    }
    return near === null
      ? judged(1, "No other post is known to have this meta title.")
      : judged(nearFactor, `Another post has nearly the same words: ${quoted(near)}.`, [inField(field)]);
  },
};
