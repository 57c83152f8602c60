import type { Check } from "../check";
import { keywordInField } from "../keywordField";

export const keywordInDescription: Check = {
  id: "keyword-in-description",
  group: "snippet",
  name: "Keyword in the description",
  effort: "seconds",
  place: "description",
  says: "The meta description says the target keyword; results pages show the searched words in bold there.",
  judge: (reading) => keywordInField(reading, reading.description, "meta description", true),
};
