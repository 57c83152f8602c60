import type { ErrorObject, ValidateFunction } from "ajv";
import { completeProfile, type Profile } from "../../core/proof/profile";
import { profile } from "./validators.generated.js";

/** A file does not have the shape that it should have; `faults` says where, one a line. */
export class ShapeError extends Error {
  override name = "ShapeError";
  constructor(
    message: string,
    readonly faults: string[],
  ) {
    super(message);
  }
}

/** @throws ShapeError */
export function checkShape<T>(validate: ValidateFunction, value: unknown, what: string): T {
  if (validate(value)) return value as T;
  const faults = (validate.errors ?? []).slice(0, 12).map(sayFault);
  throw new ShapeError(`This is not ${what}.`, faults);
}

/** Whether a value has the shape. */
export const validates = <T>(validate: ValidateFunction, value: unknown): value is T =>
  validate(value) === true;

/** Reads a profile from JSON text; what a profile from before a check was added lacks, the default profile gives. @throws ShapeError */
export function parseProfile(json: string): Profile {
  return checkShape<Profile>(profile, completeProfile(parseJson(json, "a profile")), "a profile");
}

/** @throws ShapeError */
export function parseJson(json: string, what: string): unknown {
  try {
    return JSON.parse(json.replace(/^\uFEFF/, ""));
  } catch (error) {
    throw new ShapeError(`This is not ${what}: it is not JSON.`, [(error as Error).message]);
  }
}

function sayFault(error: ErrorObject): string {
  const place = error.instancePath.slice(1).replaceAll("/", ".") || "the whole";
  const named = error.params as { additionalProperty?: string; missingProperty?: string };
  if (error.keyword === "additionalProperties")
    return `${place}: there is no field “${named.additionalProperty}”`;
  if (error.keyword === "required") return `${place}: the field “${named.missingProperty}” is missing`;
  return `${place}: ${error.message ?? "is wrong"}`;
}
