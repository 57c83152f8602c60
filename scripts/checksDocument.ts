/** docs/checks.md: every check as the registry and the house profile have it. */
import { groups } from "../src/core/proof/groups";
import { houseProfile } from "../src/core/proof/profile";
import { checks } from "../src/core/proof/registry";

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
    `Generated from the registry by \`npm run docs\`: do not edit. Weights and thresholds are those of the ${houseProfile.name.toLowerCase()}, version ${houseProfile.version} (\`src/core/proof/profile.json\`).`,
    "",
    "The score is 100 · Σ w·s / Σ w over the checks that are judged or waiting, with w the weight of a check and s the share of it that a draft earns. A check that does not apply, or that the writer set aside, leaves both sums.",
    "",
  ];
  for (const group of groups) {
    const members = checks.filter((check) => check.group === group.id);
    if (!members.length) continue;
    const weight = members.reduce((sum, { id }) => sum + houseProfile.checks[id].weight, 0);
    lines.push(`## ${group.name} · ${weight}`, "");
    for (const { id, name, says, effort, place } of members) {
      const { weight: own, ...thresholds } = houseProfile.checks[id] as { weight: number } & Record<
        string,
        unknown
      >;
      lines.push(
        `### ${name}`,
        "",
        `\`${id}\` · weight ${own} · mended in ${PLACES[place]}, ${effort === "longer" ? "takes longer" : `in ${effort}`}`,
        "",
        says,
        "",
      );
      const said = Object.entries(thresholds).map(([key, value]) => `\`${key}\` ${JSON.stringify(value)}`);
      if (said.length) lines.push(`Thresholds: ${said.join(", ")}.`, "");
    }
  }
  return `${lines.join("\n").trimEnd()}\n`;
}
