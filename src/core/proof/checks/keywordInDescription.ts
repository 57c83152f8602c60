import { defineCheck } from "../check";
import { keywordInField } from "../keywordField";

export const keywordInDescription = defineCheck({
  id: "keyword-in-description",
  weight: 3,
  group: "snippet",
  name: "Keyword in the description",
  effort: "seconds",
  place: "description",
  says: "The meta description contains the target keyword; results pages show the searched words in bold there.",
  reads: ["description"],
  judge: (reading) => keywordInField(reading, reading.description, "meta description", true),
});
