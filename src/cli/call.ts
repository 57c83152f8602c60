/** What was asked of the command line, from its arguments and the configuration file. */

import { existsSync } from "node:fs";
import { dirname, resolve } from "node:path";
import { parseArgs } from "node:util";
import { type CheckId, defaultProfile, type Profile } from "../core/proof/profile";
import { CallError } from "./command";
import { expandFiles } from "./files";
import { FORMATS, type FormatId } from "./formats/registry";
import type { ScoreOptions } from "./scoring/options";
import type { Shard } from "./scoring/scoreFiles";
import type { Config } from "./settingsFiles";

export interface Call {
  files: string[];
  options: ScoreOptions;
  format: FormatId;
  min: number | null;
  shard: Shard | null;
  /** Threads; null for as many as there are processors. */
  jobs: number | null;
  /** Folder in which scores are kept; null for none. */
  cache: string | null;
  fix: "no" | "write" | "dry-run";
}

const CONFIG_NAME = "dune-sparrow.config.json";

/** @throws CallError */
export async function readCall(argv: string[]): Promise<Call | "help"> {
  let parsed: ReturnType<typeof parse>;
  try {
    parsed = parse(argv);
  } catch (error) {
    throw new CallError((error as Error).message);
  }
  const { values, positionals } = parsed;
  if (values.help) return "help";
  const named = positionals;
  const { config, folder } = await readConfig(values.config);
  const patterns = named.length ? named : (config.files ?? []);
  if (!patterns.length) throw new CallError("Name at least one file to score.");
  const format = values.format ?? config.format ?? "text";
  if (!isFormat(format))
    throw new CallError(`There is no format “${format}”: ${FORMATS.map(({ id }) => id).join(", ")}.`);
  if (values["dry-run"] && !values.fix) throw new CallError("--dry-run belongs to --fix.");
  const inConfig = (path: string) => resolve(folder, path);
  const profilePath = values.profile ?? (config.profile && inConfig(config.profile));
  const profile = profilePath === undefined ? defaultProfile : (await shapes()).readProfile(profilePath);
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
    shard: values.shard === undefined ? null : readShard(values.shard),
    jobs: values.jobs === undefined ? null : readJobs(values.jobs),
    cache: values.cache ?? null,
    fix: values["dry-run"] ? "dry-run" : values.fix ? "write" : "no",
    options: {
      profile,
      setAside: readSetAside(config.setAside ?? {}, profile),
      ...(fieldPath !== undefined && { competitors: fieldPath }),
      ...(values.context !== undefined && { context: (await shapes()).readContextFile(values.context) }),
      ...(keyword !== undefined && { keyword }),
      ...(values.supporting !== undefined && {
        supporting: values.supporting
          .split(",")
          .map((one) => one.trim())
          .filter(Boolean),
      }),
    },
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
      shard: { type: "string" },
      jobs: { type: "string" },
      cache: { type: "string" },
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

const MOST_JOBS = 256;

function readJobs(value: string): number {
  const jobs = Number(value);
  if (!/^\d+$/.test(value) || jobs < 1 || jobs > MOST_JOBS)
    throw new CallError(`--jobs takes a whole number from 1 to ${MOST_JOBS}, not “${value}”.`);
  return jobs;
}

function readShard(value: string): Shard {
  const [number, of] = (/^(\d+)\/(\d+)$/.exec(value) ?? []).slice(1).map(Number);
  if (!number || !of || number > of)
    throw new CallError(`--shard takes which of how many, as 2/8, not “${value}”.`);
  return { number, of };
}

/** Reading JSON by its shape takes the validators, loaded where there is any. */
const shapes = () => import("./settingsFiles");

async function readConfig(named: string | undefined): Promise<{ config: Config; folder: string }> {
  const path = named ?? CONFIG_NAME;
  if (named === undefined && !existsSync(path)) return { config: {}, folder: process.cwd() };
  return { config: (await shapes()).readConfigFile(path), folder: dirname(resolve(path)) };
}

function readSetAside(setAside: Record<string, string>, profile: Profile): Record<string, string> {
  for (const id of Object.keys(setAside))
    if (!Object.hasOwn(profile.checks, id as CheckId))
      throw new CallError(`The configuration sets “${id}” aside, and there is no such check.`);
  return setAside;
}
