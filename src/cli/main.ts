/** The command line: `dune-sparrow score FILE…`. Exit 0; 1 when a score is under --min; 2 for a bad call or an unreadable file. */
import { readFileSync } from "node:fs";
import { parseArgs } from "node:util";
import { houseProfile, type Profile } from "../core/proof/profile";
import { parseProfile, ShapeError } from "../data/schemas/validate";
import { readSavedField, type SavedField } from "./field";
import { asJson } from "./formats/json";
import { asText } from "./formats/text";
import { type ScoreOptions, scoreFiles } from "./score";

const USAGE = `Use: dune-sparrow score FILE… [options]

Scores Markdown and HTML files as the application does.

  --keyword "…"        target keyword; wins over the file's own
  --supporting "a,b"   supporting keywords; win over the file's own
  --profile FILE       weights and thresholds (JSON); the house profile where absent
  --field DIR          saved pages (.html) that rank for the keyword, in the order of their names: the draft is
                       scored against what they share
  --format text|json   how to answer (text)
  --min N              exit with 1 when a score is under N

Exit: 0; 1 when a score is under --min; 2 for a bad call or an unreadable file (the others are still scored).
`;

const FORMATS = { text: asText, json: asJson };

class CallError extends Error {}

interface Call extends ScoreOptions {
  files: string[];
  format: keyof typeof FORMATS;
  min: number | null;
}

function readCall(argv: string[]): Call | "help" {
  let parsed: ReturnType<typeof parse>;
  try {
    parsed = parse(argv);
  } catch (error) {
    throw new CallError((error as Error).message);
  }
  const { values, positionals } = parsed;
  if (values.help) return "help";
  const [command, ...files] = positionals;
  if (command !== "score")
    throw new CallError(command ? `There is no command “${command}”.` : "Say what to do.");
  if (!files.length) throw new CallError("Name one file or more to score.");
  const format = values.format ?? "text";
  if (!Object.hasOwn(FORMATS, format)) throw new CallError(`There is no format “${format}”: text or json.`);
  const min = values.min === undefined ? null : Number(values.min);
  if (min !== null && (values.min!.trim() === "" || !Number.isFinite(min)))
    throw new CallError(`--min takes a number, not “${values.min}”.`);
  const profile = values.profile === undefined ? houseProfile : readProfile(values.profile);
  return {
    files,
    format: format as keyof typeof FORMATS,
    min,
    profile,
    ...(values.field !== undefined && { field: readField(values.field, profile) }),
    ...(values.keyword !== undefined && { keyword: values.keyword }),
    ...(values.supporting !== undefined && {
      supporting: values.supporting
        .split(",")
        .map((k) => k.trim())
        .filter(Boolean),
    }),
  };
}

function parse(args: string[]) {
  return parseArgs({
    args,
    allowPositionals: true,
    options: {
      keyword: { type: "string" },
      supporting: { type: "string" },
      profile: { type: "string" },
      field: { type: "string" },
      format: { type: "string" },
      min: { type: "string" },
      help: { type: "boolean", short: "h" },
    },
  });
}

function readProfile(path: string): Profile {
  try {
    return parseProfile(readFileSync(path, "utf8"));
  } catch (error) {
    if (error instanceof ShapeError)
      throw new CallError([`${path}: ${error.message}`, ...error.faults].join("\n  "));
    throw new CallError(`The profile ${path} cannot be read: ${(error as Error).message}`);
  }
}

function readField(folder: string, profile: Profile): SavedField {
  try {
    return readSavedField(folder, profile);
  } catch (error) {
    const { code, message } = error as NodeJS.ErrnoException;
    const why =
      code === "ENOENT" ? "there is no such folder" : code === "ENOTDIR" ? "it is no folder" : message;
    throw new CallError(`The field ${folder} cannot be read: ${why}.`);
  }
}

/** Runs a call and returns the exit code. */
export function run(argv: string[], out: (text: string) => void, err: (text: string) => void): number {
  let call: Call | "help";
  try {
    call = readCall(argv);
  } catch (error) {
    if (!(error instanceof CallError)) throw error;
    err(`${error.message}\n\n${USAGE}`);
    return 2;
  }
  if (call === "help") {
    out(USAGE);
    return 0;
  }
  const { scored, failed } = scoreFiles(call.files, call);
  out(FORMATS[call.format](scored, call.profile, failed));
  for (const { file, message } of failed) err(`${file}: ${message}\n`);
  const { min } = call;
  if (failed.length) return 2;
  return min !== null && scored.some(({ report }) => report.score < min) ? 1 : 0;
}
