import { Type } from "@sinclair/typebox";
import { defineCheck } from "../check";
import { keywordInField } from "../keywordField";
import { share } from "../thresholds";

const thresholds = Type.Object(
  {
    lateFactor: share(0.85, "Earned when the keyword comes late"),
  },
  { additionalProperties: false },
);

export const keywordInTitle = defineCheck({
  id: "keyword-in-title",
  weight: 6,
  thresholds,
  group: "keyword",
  name: "Keyword in the meta title",
  effort: "seconds",
  place: "metaTitle",
  says: "The meta title (the title where there is none) contains the target keyword, and begins it before its middle. It is the first thing that a searcher compares with what they typed.",
  reads: ["searchTitle"],
  judge(reading, { lateFactor }) {
    return keywordInField(reading, reading.searchTitle, "meta title", true, (occurrence, field) => {
      const before = [...field.text.slice(0, occurrence.start)].length;
      const late = before > [...field.text].length / 2;
      return { share: occurrence.value * (late ? lateFactor : 1), note: late ? ", but past its middle" : "" };
    });
  },
});
