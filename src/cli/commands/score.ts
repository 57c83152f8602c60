import { writeFileSync } from "node:fs";
import { type Call, readCall } from "../call";
import type { Command } from "../command";
import { formatOf } from "../formats/registry";
import type { FailedFile } from "../formats/scored";
import { printable } from "../printable";
import { builtThread } from "../scoring/builtThread";
import { isFailed, type Outcome } from "../scoring/scoreFile";
import { scoreFiles } from "../scoring/scoreFiles";

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
  --format FORMAT      how to answer: text (the default), json, jsonl (a line of JSON a file, as soon as it is scored),
                       markdown, or sarif (2.1.0)
  --min N              exit with 1 when a score is under N
  --fix                make the safe fixes in Markdown files: heading levels, a second H1, https for http
  --dry-run            with --fix: say what would be written, and write nothing
  --jobs N             files scored at a time, each on a thread of its own; as many as there are processors where absent
  --cache DIR          keeps scores there and takes them from there while nothing that they depend on has changed
  --shard K/N          only the K-th of every N files: N machines score all of them between them. Name the same files
                       on each: what they know of each other stays the same
  --config FILE        files, ignore, profile, competitors, keyword, format, min and setAside as JSON;
                       dune-sparrow.config.json where there is one

Exit: 0; 1 when a score is under --min; 2 for a bad call or an unreadable file (the others are still scored).
`;

export const score: Command = {
  name: "score",
  usage: USAGE,
  async run(argv, { out, err }) {
    const call = await readCall(argv);
    if (call === "help") {
      out(USAGE);
      return 0;
    }
    if (call.fix !== "no") await fix(call, err);
    const { write, line, forPeople } = formatOf(call.format);
    const pieces: unknown[] = [];
    const failed: FailedFile[] = [];
    let lowest = Number.POSITIVE_INFINITY;
    const tell = (outcome: Outcome) => {
      if (isFailed(outcome)) {
        failed.push(outcome);
        if (line) out(line(outcome));
        return;
      }
      lowest = Math.min(lowest, outcome.score);
      if (line) out(line(outcome.piece));
      else pieces.push(outcome.piece);
    };
    await scoreFiles(call, builtThread(), tell);
    if (!line) {
      const answer = write(pieces, call.options.profile, failed);
      // Formats for programs write such signs in their own way.
      out(forPeople ? printable(answer) : answer);
    }
    for (const { file, message } of failed) err(printable(`${file}: ${message}\n`));
    if (failed.length) return 2;
    return call.min !== null && lowest < call.min ? 1 : 0;
  },
};

async function fix(call: Call, say: (text: string) => void): Promise<void> {
  const { fixFiles } = await import("../scoring/fixFiles");
  const err = (text: string) => say(printable(text));
  for (const { file, fixes, source, left } of await fixFiles(call.files, call.options)) {
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
