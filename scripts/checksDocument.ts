/** docs/checks.md: every check as the registry and the default profile have it. */
import { saysOf } from "../src/core/proof/check";
import { groups } from "../src/core/proof/groups";
import { defaultProfile } from "../src/core/proof/profile";
import { checks } from "../src/core/proof/registry";
import { fieldsOf, inWords } from "../src/core/proof/thresholdFields";
import { valueAt } from "../src/core/valueAt";

const PLACES = {
  title: "the title",
  metaTitle: "the meta title",
  description: "the meta description",
  slug: "the slug",
  keyword: "Find",
  body: "the text",
  pictures: "the pictures",
} as const;

export function checksDocument(): string {
  const lines = [
    "# The checks",
    "",
    `Generated from the registry by \`npm run docs\`: do not edit. Weights and thresholds are those of the ${defaultProfile.name.toLowerCase()}, version ${defaultProfile.version} (\`src/core/proof/profile.json\`).`,
    "",
    "The score is 100 · Σ w·s / Σ w over the checks that are judged or waiting, with w the weight of a check and s the share of it that a draft earns. A check that does not apply, or that the writer set aside, leaves both sums.",
    "",
  ];
  for (const group of groups) {
    const members = checks.filter((check) => check.group === group.id);
    if (!members.length) continue;
    const weight = members.reduce((sum, { id }) => sum + defaultProfile.checks[id].weight, 0);
    lines.push(`## ${group.name} · ${weight}`, "");
    for (const check of members) {
      const { id, name, effort, place, thresholds } = check;
      const values = defaultProfile.checks[id];
      lines.push(
        `### ${name}`,
        "",
        `\`${id}\` · weight ${values.weight} · fixed in ${PLACES[place]}, ${effort === "longer" ? "takes longer" : `in ${effort}`}`,
        "",
        saysOf(check, defaultProfile),
        "",
      );
      const fields = fieldsOf(thresholds);
      for (const field of fields)
        lines.push(
          `- \`${field.path.join(".")}\` ${field.label}: ${inWords(valueAt(values, field.path) as number, field)}`,
        );
      if (fields.length) lines.push("");
    }
  }
  return `${lines.join("\n").trimEnd()}\n`;
}
