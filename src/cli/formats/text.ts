import { gainWords } from "../../core/proof/export/reported";
import { byWorth } from "../../core/proof/finding";
import { groups } from "../../core/proof/groups";
import type { Profile } from "../../core/proof/profile";
import { defineFormat } from "./format";
import type { ScoredFile } from "./scored";

const STATE_WORDS = {
  judged: "",
  waiting: "waiting",
  "not-applicable": "not applicable",
  "set-aside": "set aside",
};

/** The answer for a person at a terminal. */
export const text = defineFormat({
  id: "text",
  forPeople: true,
  piece: oneFile,
  write: (files: string[]) => files.join("\n"),
});

function oneFile({ file, report, competitors }: ScoredFile, profile: Profile): string {
  const lines = [
    `${file}: ${report.score.toFixed(1)} of 100 · ${report.words} words, ${report.minutes} min · ${profile.name}, version ${profile.version}`,
  ];
  for (const note of report.notes) lines.push(`  ${note}`);
  const gainOf = gainWords(report.findings);
  if (competitors?.benchmark)
    lines.push(
      `  ${competitors.pages.length} competing pages: average ${competitors.benchmark.average.toFixed(1)}, best ${competitors.benchmark.best.toFixed(1)}`,
    );
  const [next] = byWorth(report.findings);
  if (next) lines.push(`  best next step: ${next.name} (${gainOf(next)})`);
  for (const group of report.groups) {
    lines.push(
      "",
      `  ${groups.find(({ id }) => id === group.id)!.name}  ${group.earned.toFixed(1)} of ${group.weight}`,
    );
    for (const f of report.findings.filter((finding) => finding.group === group.id)) {
      const earned =
        f.state === "judged" ? `${(f.share * f.weight).toFixed(2)}/${f.weight}` : STATE_WORDS[f.state];
      const gain = gainOf(f);
      lines.push(`    ${earned.padStart(14)}  ${gain.padStart(5)}  ${f.name}: ${f.reason}`);
    }
  }
  return `${lines.join("\n")}\n`;
}
