/** A profile as a form: values by their path, as the schema's faults name them. */
import { completeProfile, type Profile } from "../../../core/proof/profile";
import { checkShape, parseJson, ShapeError } from "../../../data/schemas/validate";
import { profile as profileShape } from "../../../data/schemas/validators.generated.js";

export type Path = readonly (string | number)[];
export type Value = number | string;

/** A copy of a profile with one value changed. */
export function withValue<T>(whole: T, [head, ...rest]: Path, value: Value): T {
  if (head === undefined) return value as T;
  const copy = (Array.isArray(whole) ? [...whole] : { ...whole }) as Record<string | number, unknown>;
  copy[head] = withValue(copy[head], rest, value);
  return copy as T;
}

export interface Fault {
  /** Dotted path, or empty where the whole is meant. */
  path: string;
  says: string;
}

/** Faults of what a form holds, by field: those of the schema, and bounds that are out of order. */
export function faultsOf(profile: unknown): Fault[] {
  try {
    const sound = checkShape<Profile>(profileShape, profile, "a profile");
    return [...disorder(sound), ...weightless(sound)];
  } catch (error) {
    if (!(error instanceof ShapeError)) throw error;
    return error.faults.map((fault) => {
      const at = fault.indexOf(": ");
      const path = fault.slice(0, at);
      return { path: path === "the whole" ? "" : path, says: fault.slice(at + 2) };
    });
  }
}

/** @returns the profile of a JSON text, or why there is none */
export function readProfileText(text: string): { profile: Profile } | { faults: Fault[] } {
  let read: unknown;
  try {
    read = completeProfile(parseJson(text, "a profile"));
  } catch (error) {
    return {
      faults: [{ path: "", says: error instanceof ShapeError ? error.faults.join(" ") : String(error) }],
    };
  }
  const faults = faultsOf(read);
  return faults.length ? { faults } : { profile: read as Profile };
}

/** Ranges must rise, and so must what is all of a weight and what is nothing of it. */
function disorder({ checks }: Profile): Fault[] {
  return Object.entries(checks).flatMap(([id, check]): Fault[] =>
    Object.entries(check as object).flatMap(([key, value]): Fault[] => {
      const path = `checks.${id}.${key}`;
      if (key === "bands")
        return Object.entries(value as Record<string, number[]>).flatMap(([name, band]) =>
          rises(band) ? [] : [{ path: `${path}.${name}`, says: "must increase from left to right" }],
        );
      if (Array.isArray(value) && !rises(value as number[]))
        return [{ path, says: "must increase from left to right" }];
      if (key === "full" && (value as number) >= (check as unknown as { zero: number }).zero)
        return [{ path, says: "must be less than where nothing is earned" }];
      return [];
    }),
  );
}
const rises = (bounds: readonly number[]): boolean =>
  bounds.every((bound, i) => i === 0 || bound >= bounds[i - 1]!);

function weightless({ checks }: Profile): Fault[] {
  return Object.values(checks).some(({ weight }) => weight > 0)
    ? []
    : [{ path: "checks", says: "at least one check must have a weight" }];
}

/** A profile of one's own, made of another: it has its own id, and a version more each time it is taken. */
export function ownProfile(draft: Profile, inForce: Profile): Profile {
  const id = draft.id === "house" ? "own" : draft.id;
  const name = draft.name === "Default profile" ? "Own profile" : draft.name;
  const version = inForce.id === id ? inForce.version + 1 : inForce.id === "house" ? 1 : draft.version;
  return { ...draft, id, name, version };
}
