import { writeFileSync } from "node:fs";
import { type Call, readCall } from "../call";
import type { Command } from "../command";
import { FORMATS } from "../formats/registry";
import { printable } from "../printable";
import { fixFiles, scoreFiles } from "../score";

const USAGE = `Usage: dune-sparrow score FILE… [options]

Scores Markdown and HTML files as the application does. Names may be patterns: "posts/**/*.md"; - is standard
input, read as Markdown.

  --keyword "…"        target keyword; wins over the file's own
  --supporting "a,b"   supporting keywords; win over the file's own
  --profile FILE       weights and thresholds (JSON); the default profile where absent
  --competitors DIR    saved pages (.html) that rank for the keyword, in the order of their names: the draft is
                       scored against what they share
  --context FILE       what the application knows besides the text, as it exports it with the post: questions, checks set
                       aside, competing pages, other posts. With it the score is the application's
  --format FORMAT      how to answer: text (the default), json, markdown, or sarif (2.1.0)
  --min N              exit with 1 when a score is under N
  --fix                make the safe fixes in Markdown files: heading levels, a second H1, https for http
  --dry-run            with --fix: say what would be written, and write nothing
  --config FILE        files, ignore, profile, competitors, keyword, format, min and setAside as JSON;
                       dune-sparrow.config.json where there is one

Exit: 0; 1 when a score is under --min; 2 for a bad call or an unreadable file (the others are still scored).
`;

export const score: Command & { run(...call: Parameters<Command["run"]>): number } = {
  name: "score",
  usage: USAGE,
  run: (argv, { out, err }) => {
    const call = readCall(argv);
    if (call === "help") {
      out(USAGE);
      return 0;
    }
    if (call.fix !== "no") fix(call, err);
    const { scored, failed } = scoreFiles(call.files, call);
    const { write, forPeople } = FORMATS.find(({ id }) => id === call.format)!;
    const answer = write(scored, call.profile, failed);
    // Formats for programs write such signs in their own way.
    out(forPeople ? printable(answer) : answer);
    for (const { file, message } of failed) err(printable(`${file}: ${message}\n`));
    const { min } = call;
    if (failed.length) return 2;
    return min !== null && scored.some(({ report }) => report.score < min) ? 1 : 0;
  },
};

function fix(call: Call, say: (text: string) => void): void {
  const err = (text: string) => say(printable(text));
  for (const { file, fixes, source, left } of fixFiles(call.files, call)) {
    if (left) {
      err(`${file}: ${left}\n`);
      continue;
    }
    const gain = fixes.reduce((sum, fix) => sum + fix.gain, 0);
    const done = call.fix === "write" ? "fixed" : "would be fixed";
    err(`${file}: ${done}, +${gain.toFixed(1)}\n`);
    for (const { name, lines } of fixes)
      for (const { before, after } of lines) err(`  ${name}: ${before} → ${after}\n`);
    if (call.fix === "write") writeFileSync(file, source);
  }
}
