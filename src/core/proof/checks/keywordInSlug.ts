import { isSlugOf } from "../../text/slug";
import { defineCheck, judged } from "../check";
import { inField } from "../evidence";
import { keywordInField } from "../keywordField";

export const keywordInSlug = defineCheck({
  id: "keyword-in-slug",
  weight: 3,
  group: "keyword",
  name: "Keyword in the slug",
  effort: "seconds",
  place: "slug",
  says: "The page address contains the target keyword, with or without its small words. Settle it before release: an address that changes later breaks links.",
  reads: ["slug"],
  judge(reading) {
    const { slug, keyword, pack } = reading;
    if (slug && keyword && isSlugOf(slug.text, keyword.text, pack))
      return judged(1, "The slug is the keyword.", [inField(slug)]);
    return keywordInField(reading, slug, "slug", false);
  },
});
