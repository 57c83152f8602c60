import { Type } from "@sinclair/typebox";
import { MemoBy } from "../../memo";
import { foldPlain } from "../../text/fold";
import { defineCheck, judged, waiting } from "../check";
import type { OtherPost } from "../context";
import { inField, quoted } from "../evidence";
import { share } from "../thresholds";

interface Folded {
  text: string;
  words: ReadonlySet<string>;
}

/** A site has a thousand titles, and each of its posts is held against all others. */
const folded = new MemoBy<OtherPost, Folded>();

const foldedOf = (other: OtherPost): Folded =>
  folded.get(other, [other.metaTitle], () => {
    const text = foldPlain(other.metaTitle);
    return { text, words: new Set(text.split(" ")) };
  });

const thresholds = Type.Object(
  {
    nearShare: share(0.9, "Counts as alike from a share of common words"),
    nearFactor: share(0.5, "Earned when alike"),
  },
  { additionalProperties: false },
);

export const titleDistinct = defineCheck({
  id: "title-distinct",
  weight: 1,
  thresholds,
  group: "snippet",
  name: "Meta title is the site's only one",
  effort: "seconds",
  place: "metaTitle",
  says: "No other post of the site has the same meta title, or nearly the same words: two with one title compete, and readers cannot tell them apart.",
  reads: ["searchTitle"],
  judge(reading, { nearShare, nearFactor }) {
    const field = reading.searchTitle;
    if (!field) return waiting("There is no title yet.");
    const own = foldPlain(field.text);
    const words = new Set(own.split(" ").filter(Boolean));
    let near: string | null = null;
    for (const other of reading.context.others) {
      const theirs = foldedOf(other);
      if (!theirs.text) continue;
      if (theirs.text === own)
        return judged(0, `Another post has the same meta title: ${quoted(other.metaTitle)}.`, [
          inField(field),
        ]);
      let shared = 0;
      for (const word of words) if (theirs.words.has(word)) shared++;
      if (words.size && shared / words.size >= nearShare) near ??= other.metaTitle;
    }
    return near === null
      ? judged(1, "No other post is known to have this meta title.")
      : judged(nearFactor, `Another post has nearly the same words: ${quoted(near)}.`, [inField(field)]);
  },
});
