import { keywordSlug, makeSlug } from "../../text/slug";
import { slugThresholds } from "../checks/slugForm";
import { thresholdsIn } from "../thresholds";
import type { FixRule, Suggestion } from "./fixRule";

/** A slug from the keyword, or from the title. */
export const slug: FixRule = {
  id: "slug",
  check: "slug-form",
  also: ["keyword-in-slug"],
  name: "Make a slug",
  safe: false,
  suggest({ draft: { meta }, keyword, pack, profile }) {
    const { mostWords } = thresholdsIn(profile, "slug-form", slugThresholds);
    const slugs = [
      keyword && keywordSlug(keyword.text, pack, mostWords),
      meta.title && makeSlug(meta.title, pack, mostWords),
      // What is there, tidied.
      meta.slug && makeSlug(meta.slug.replace(/\d{4,}/g, " "), pack, mostWords),
    ];
    return [...new Set(slugs)]
      .filter((text): text is string => Boolean(text) && text !== meta.slug)
      .map(
        (text): Suggestion => ({
          lines: [{ before: meta.slug, after: text }],
          change: { meta: { slug: text } },
        }),
      );
  },
};
