import { Type } from "@sinclair/typebox";
import { fold } from "../../text/fold";
import type { LanguagePack } from "../../text/packs/pack";
import { isSlugOf } from "../../text/slug";
import { defineCheck, judged, waiting } from "../check";
import { inField } from "../evidence";
import { amount, share } from "../thresholds";

const YEAR_OR_DATE = /^(?:19|20)\d\d(?:(?:0[1-9]|1[0-2])(?:0[1-9]|[12]\d|3[01])?)?$/;
const DAY = /^(?:0?[1-9]|[12]\d|3[01])(?:st|nd|rd|th)?$/;

export const slugThresholds = Type.Object(
  {
    lost: share(0.2, "Lost for each fault"),
    mostWords: amount(6, { name: "Longest slug", unit: "words" }),
    mostCharacters: amount(60, { name: "Longest slug", unit: "characters" }),
    smallShare: share(0.5, "Small words, at most"),
  },
  { additionalProperties: false },
);

export const slugForm = defineCheck({
  id: "slug-form",
  weight: 2,
  thresholds: slugThresholds,
  group: "snippet",
  name: "Slug is well formed",
  effort: "seconds",
  place: "slug",
  says: "The slug is short and plain: lower case, words separated by single hyphens, no year or date, few small words. It must still be true in three years. One that is the target keyword, with or without its small words, may be longer.",
  reads: ["slug"],
  judge(reading, { lost, mostWords, mostCharacters, smallShare }) {
    const field = reading.slug;
    if (!field) return waiting("There is no slug yet.");
    const slug = field.text;
    const words = slug.split(/[^\p{L}\p{N}\p{M}]+/u).filter(Boolean);
    const small = words.filter((word) => reading.pack.smallWords.has(fold(word))).length;
    // A keyword that is long, or names a year, is not the slug's fault.
    const own = reading.keyword !== null && isSlugOf(slug, reading.keyword.text, reading.pack);
    const faults = [
      slug !== slug.toLowerCase() && "it has capitals",
      !/^[\p{L}\p{N}\p{M}]+(?:-[\p{L}\p{N}\p{M}]+)*$/u.test(slug) &&
        "its words are not separated by single hyphens alone",
      !own &&
        (words.length < 1 || words.length > mostWords) &&
        `it has ${words.length} words (1 to ${mostWords} are good)`,
      !own && [...slug].length > mostCharacters && `it is longer than ${mostCharacters} characters`,
      !own && hasDate(words.map(fold), reading.pack) && "it names a year or date",
      !own && small > words.length * smallShare && "most of its words are small words",
    ].filter((fault) => fault !== false);
    const share = Math.max(0, 1 - lost * faults.length);
    return judged(
      share,
      faults.length ? `In the slug, ${faults.join("; ")}.` : "Short, plain and lasting.",
      faults.length ? [inField(field)] : [],
    );
  },
});

function hasDate(words: string[], pack: LanguagePack): boolean {
  return words.some((word, i) => {
    if (YEAR_OR_DATE.test(word)) return true;
    if (!pack.months.has(word)) return false;
    return DAY.test(words[i - 1] ?? "") || DAY.test(words[i + 1] ?? "");
  });
}
