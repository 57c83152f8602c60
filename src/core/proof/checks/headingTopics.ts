import { Type } from "@sinclair/typebox";
import { worthMost } from "../../shares";
import { defineCheck, judged, notApplicable, waiting } from "../check";
import { plural, quoted, wholeHeadingAt } from "../evidence";
import { share } from "../thresholds";

const MOST_NAMED = 3;

const thresholds = Type.Object(
  {
    leastPresence: share(0.3, "Topics count from this share of the pages"),
  },
  { additionalProperties: false },
);

export const headingTopics = defineCheck({
  id: "heading-topics",
  weight: 4,
  thresholds,
  group: "coverage",
  name: "Competitors' topics",
  effort: "longer",
  place: "body",
  says: "A heading or section of the text is about each subject that many of the pages that rank have a heading for, weighted by how many have.",
  reads: ["topics", "headings", "hasWords"],
  judge(reading, { leastPresence }) {
    if (!reading.topics) return notApplicable("No competing pages are collected for this post.");
    const topics = reading.topics.filter(({ presence }) => presence >= leastPresence);
    if (!topics.length) return notApplicable("The competing pages share no heading topics.");
    if (!reading.hasWords) return waiting("There is no text yet.");
    const covered = topics.filter((topic) => topic.covered);
    const weigh = (some: typeof topics) => some.reduce((sum, { presence }) => sum + presence, 0);
    const missing = topics.filter((topic) => !topic.covered);
    const evidence = covered.flatMap(({ heading }) => wholeHeadingAt(reading.headings, heading));
    return judged(
      weigh(covered) / weigh(topics),
      missing.length
        ? `${covered.length} of ${plural(topics.length, "topic")}; not yet ${worthMost(
            missing,
            MOST_NAMED,
            ({ presence }) => presence,
          )
            .map(({ label }) => quoted(label))
            .join(", ")}.`
        : `All ${topics.length} topics are there.`,
      evidence,
      {
        formula: `Σ presence covered / Σ presence = ${weigh(covered).toFixed(2)} / ${weigh(topics).toFixed(2)}`,
      },
    );
  },
});
