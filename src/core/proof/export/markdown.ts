import { earned, gainWords, grouped, type Out, type Reported, round, setAside, worthMost } from "./reported";

/** The report as Markdown: a table of all, then each post with what it can still gain. */
export function reportMarkdown({ reports, profile, date }: Out): string {
  const parts = [
    `# Proof of ${reports.length === 1 ? `“${inline(reports[0]!.name)}”` : `${reports.length} posts`}`,
    `${date} · ${inline(profile.name)}, version ${profile.version}`,
  ];
  if (reports.length > 1)
    parts.push(
      table(
        ["Post", "Score", "Words", "Best next step"],
        reports.map((report) => {
          const next = worthMost(report.findings);
          return [
            report.name,
            round(report.score),
            String(report.words),
            next ? `${next.name}, +${round(next.gain)}` : "nothing left",
          ];
        }),
      ),
    );
  for (const report of reports) parts.push(...onePost(report, reports.length > 1));
  return `${parts.join("\n\n")}\n`;
}

function onePost(report: Reported, heading: boolean): string[] {
  const { benchmark, findings } = report;
  const facts = [
    `**${round(report.score)} of 100**`,
    report.keyword ? `target keyword “${inline(report.keyword)}”` : "no target keyword",
    `${report.words} words, ${report.minutes} min`,
    ...(benchmark ? [`competitors' average ${round(benchmark.average)}, best ${round(benchmark.best)}`] : []),
    ...(report.address ? [inline(report.address)] : []),
  ];
  const aside = setAside(findings);
  const gainOf = gainWords(findings);
  return [
    ...(heading ? [`## ${inline(report.name)}`] : []),
    facts.join(" · "),
    ...report.notes.map(inline),
    ...grouped(findings).flatMap(({ name, findings: members }) => [
      `### ${name}`,
      table(
        ["Check", "Earned", "To gain", "Why"],
        members.map((f) => [f.name, earned(f), gainOf(f), f.reason]),
      ),
    ]),
    ...(aside.length
      ? ["### Set aside", aside.map((f) => `- ${inline(f.name)}: ${inline(f.reason)}`).join("\n")]
      : []),
  ];
}

function table(head: string[], rows: string[][]): string {
  const line = (cells: string[]) => `| ${cells.map(inline).join(" | ")} |`;
  return [line(head), `|${head.map(() => "---").join("|")}|`, ...rows.map(line)].join("\n");
}

/** Text that Markdown shows as it stands, in one line. */
const inline = (text: string): string =>
  text
    .replace(/\s+/g, " ")
    .trim()
    .replace(/[\\`*_[\]<>|#~]/g, "\\$&");
