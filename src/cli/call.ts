/** What was asked of the command line, from its arguments and the configuration file. */

import { existsSync, readFileSync } from "node:fs";
import { dirname, resolve } from "node:path";
import { parseArgs } from "node:util";
import type { ProofContext } from "../core/proof/context";
import { type CheckId, defaultProfile, type Profile } from "../core/proof/profile";
import { readContext } from "../data/contextFile";
import { checkShape, parseJson, parseProfile, ShapeError } from "../data/schemas/validate";
import { cliConfig } from "../data/schemas/validators.generated.js";
import { CallError } from "./command";
import { readSavedCompetitors, type SavedCompetitors } from "./competitors";
import { expandFiles } from "./files";
import { FORMATS, type FormatId } from "./formats/registry";
import type { ScoreOptions } from "./score";

export interface Call extends ScoreOptions {
  files: string[];
  format: FormatId;
  min: number | null;
  fix: "no" | "write" | "dry-run";
}

/** dune-sparrow.config.json; paths in it are relative to it. */
interface Config {
  files?: string[];
  ignore?: string[];
  profile?: string;
  competitors?: string;
  /** What `competitors` was called before. */
  field?: string;
  keyword?: string;
  format?: FormatId;
  min?: number;
  setAside?: Record<string, string>;
}

const CONFIG_NAME = "dune-sparrow.config.json";

/** @throws CallError */
export function readCall(argv: string[]): Call | "help" {
  let parsed: ReturnType<typeof parse>;
  try {
    parsed = parse(argv);
  } catch (error) {
    throw new CallError((error as Error).message);
  }
  const { values, positionals } = parsed;
  if (values.help) return "help";
  const named = positionals;
  const { config, folder } = readConfig(values.config);
  const patterns = named.length ? named : (config.files ?? []);
  if (!patterns.length) throw new CallError("Name at least one file to score.");
  const format = values.format ?? config.format ?? "text";
  if (!isFormat(format))
    throw new CallError(`There is no format “${format}”: ${FORMATS.map(({ id }) => id).join(", ")}.`);
  if (values["dry-run"] && !values.fix) throw new CallError("--dry-run belongs to --fix.");
  const inConfig = (path: string) => resolve(folder, path);
  const profilePath = values.profile ?? (config.profile && inConfig(config.profile));
  const profile = profilePath === undefined ? defaultProfile : readProfile(profilePath);
  const configured = config.competitors ?? config.field;
  const fieldPath = values.competitors ?? values.field ?? (configured && inConfig(configured));
  const keyword = values.keyword ?? config.keyword;
  const files = expandFiles(patterns, config.ignore ?? [], named.length ? process.cwd() : folder);
  if (values.context !== undefined && files.length > 1)
    throw new CallError("--context belongs to one post: name only that file.");
  return {
    files,
    format,
    min: values.min === undefined ? (config.min ?? null) : readNumber(values.min),
    fix: values["dry-run"] ? "dry-run" : values.fix ? "write" : "no",
    profile,
    setAside: readSetAside(config.setAside ?? {}, profile),
    ...(fieldPath !== undefined && { competitors: readCompetitors(fieldPath, profile) }),
    ...(values.context !== undefined && { context: readContextFile(values.context) }),
    ...(keyword !== undefined && { keyword }),
    ...(values.supporting !== undefined && {
      supporting: values.supporting
        .split(",")
        .map((one) => one.trim())
        .filter(Boolean),
    }),
  };
}

const isFormat = (value: string): value is FormatId => FORMATS.some(({ id }) => id === value);

function parse(args: string[]) {
  return parseArgs({
    args,
    allowPositionals: true,
    options: {
      keyword: { type: "string" },
      supporting: { type: "string" },
      profile: { type: "string" },
      competitors: { type: "string" },
      // What it was called before.
      field: { type: "string" },
      context: { type: "string" },
      format: { type: "string" },
      min: { type: "string" },
      config: { type: "string" },
      fix: { type: "boolean" },
      "dry-run": { type: "boolean" },
      help: { type: "boolean", short: "h" },
    },
  });
}

function readNumber(value: string): number {
  const min = Number(value);
  if (value.trim() === "" || !Number.isFinite(min))
    throw new CallError(`--min takes a number, not “${value}”.`);
  return min;
}

function readConfig(named: string | undefined): { config: Config; folder: string } {
  const path = named ?? CONFIG_NAME;
  if (named === undefined && !existsSync(path)) return { config: {}, folder: process.cwd() };
  const text = readFileOf(path, "The configuration");
  try {
    const what = "a configuration of the command line";
    return {
      config: checkShape<Config>(cliConfig, parseJson(text, what), what),
      folder: dirname(resolve(path)),
    };
  } catch (error) {
    throw faulty(path, error);
  }
}

function readSetAside(setAside: Record<string, string>, profile: Profile): Record<string, string> {
  for (const id of Object.keys(setAside))
    if (!Object.hasOwn(profile.checks, id as CheckId))
      throw new CallError(`The configuration sets “${id}” aside, and there is no such check.`);
  return setAside;
}

function readProfile(path: string): Profile {
  const text = readFileOf(path, "The profile");
  try {
    return parseProfile(text);
  } catch (error) {
    throw faulty(path, error);
  }
}

function readContextFile(path: string): ProofContext {
  const text = readFileOf(path, "The context");
  try {
    return readContext(text);
  } catch (error) {
    throw faulty(path, error);
  }
}

function readFileOf(path: string, what: string): string {
  try {
    return readFileSync(path, "utf8");
  } catch (error) {
    throw new CallError(`${what} ${path} cannot be read: ${(error as Error).message}`);
  }
}

const faulty = (path: string, error: unknown): unknown =>
  error instanceof ShapeError
    ? new CallError([`${path}: ${error.message}`, ...error.faults].join("\n  "))
    : error;

function readCompetitors(folder: string, profile: Profile): SavedCompetitors {
  try {
    return readSavedCompetitors(folder, profile);
  } catch (error) {
    const { code, message } = error as NodeJS.ErrnoException;
    const why =
      code === "ENOENT" ? "there is no such folder" : code === "ENOTDIR" ? "it is not a folder" : message;
    throw new CallError(`The competing pages in ${folder} cannot be read: ${why}.`);
  }
}
