import type { Check } from "../check";
import { keywordInField } from "../keywordField";

export const keywordInSlug: Check = {
  id: "keyword-in-slug",
  group: "keyword",
  name: "Keyword in the slug",
  effort: "seconds",
  place: "slug",
  says: "The page address says the target keyword. Settle it before release: an address that changes later breaks links.",
  judge: (reading) => keywordInField(reading, reading.slug, "slug", false),
};
