/** Files that a call names beside those it scores: configuration, profile, context. All throw a CallError that says what is wrong with them. */
import { readFileSync } from "node:fs";
import type { ProofContext } from "../core/proof/context";
import type { Profile } from "../core/proof/profile";
import { readContext } from "../data/contextFile";
import { checkShape, parseJson, parseProfile, ShapeError } from "../data/schemas/validate";
import { cliConfig } from "../data/schemas/validators.generated.js";
import { CallError } from "./command";
import type { FormatId } from "./formats/registry";

/** dune-sparrow.config.json; paths in it are relative to it. */
export interface Config {
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

export function readConfigFile(path: string): Config {
  const text = readFileOf(path, "The configuration");
  try {
    const what = "a configuration of the command line";
    return checkShape<Config>(cliConfig, parseJson(text, what), what);
  } catch (error) {
    throw faulty(path, error);
  }
}

export function readProfile(path: string): Profile {
  const text = readFileOf(path, "The profile");
  try {
    return parseProfile(text);
  } catch (error) {
    throw faulty(path, error);
  }
}

export function readContextFile(path: string): ProofContext {
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
