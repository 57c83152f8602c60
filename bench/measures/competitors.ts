import { evaluateField } from "../competitorsEvaluation";
import { type Measure, mean, versionOf } from "./measure";

export const competitors: Measure = {
  title: "Topics and terms of competing pages",
  says: "For the five subjects of the stand-in web, what each page was written to cover is known. The thresholds were chosen by the same subjects.",
  data: () =>
    `bench/subjects.json (${versionOf("bench/subjects.json")}), demo/web (${versionOf("demo/web")})`,
  figures() {
    const all = evaluateField();
    return [
      { what: "topics: precision", value: mean(all.map(({ topics }) => topics.precision)), aim: 0.9 },
      { what: "topics: recall", value: mean(all.map(({ topics }) => topics.recall)), aim: 0.8 },
      {
        what: "terms: precision of the first 20",
        value: mean(all.map(({ terms }) => terms.precision)),
        aim: 0.8,
      },
      { what: "terms: recall of the core", value: mean(all.map(({ terms }) => terms.recall)), aim: 0.95 },
    ];
  },
};
