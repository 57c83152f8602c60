/**
 * Thresholds as a check declares them: one declaration gives the type, the JSON schema, the default and the words of the settings form.
 */
import { type Static, type TObject, type TSchema, Type } from "@sinclair/typebox";

/** What a threshold is called, and what it is counted in. */
interface Named {
  name: string;
  unit?: string;
}

interface Bounds {
  /** Smallest value; 0 where nothing is said. */
  least?: number;
  /** Smallest value, itself left out. */
  above?: number;
  most?: number;
}

/** A number of something: words, pixels, pages. */
export const amount = (value: number, { name, unit, least, above, most }: Named & Bounds) =>
  Type.Number({
    title: name,
    ...(unit && { unit }),
    default: value,
    ...(above === undefined ? { minimum: least ?? 0 } : { exclusiveMinimum: above }),
    ...(most !== undefined && { maximum: most }),
  });

/** A part of a whole, 0 to 1. */
export const share = (value: number, name: string) =>
  Type.Number({ title: name, unit: "share", default: value, minimum: 0, maximum: 1 });

const bound = Type.Number({ minimum: 0 });

/** Two bounds: nothing is earned up to the first, everything from the second on. */
export const range = (value: [number, number], { name, unit }: Named) =>
  Type.Tuple([bound, bound], { title: name, ...(unit && { unit }), default: value, ends: RISE });

/** Four bounds: the same, and falling again from the third to the fourth. */
export const band = (value: [number, number, number, number], { name, unit }: Named) =>
  Type.Tuple([bound, bound, bound, bound], {
    title: name,
    ...(unit && { unit }),
    default: value,
    ends: [...RISE, "everything earned to", "nothing earned from"],
  });

/** From one number to another, negative ones too. */
export const interval = (value: [number, number], { name, unit }: Named) =>
  Type.Tuple([Type.Number(), Type.Number()], {
    title: name,
    ...(unit && { unit }),
    default: value,
    ends: ["from", "to"],
  });

/** One of several words. */
export const choice = <const Word extends string>(words: readonly Word[], value: Word, name: string) =>
  Type.Unsafe<Word>({ type: "string", enum: [...words], title: name, default: value });

const RISE = ["nothing earned up to", "everything earned from"];

/** No thresholds at all. */
export const none = Type.Object({}, { additionalProperties: false });

/** Heaviest that a check can be. */
const MOST_WEIGHT = 100;
export const weight = (value: number) =>
  Type.Number({ title: "Weight", default: value, minimum: 0, maximum: MOST_WEIGHT });

/** The defaults of a declaration, as values. */
export const defaultsOf = <Declared extends TSchema>(declared: Declared): Static<Declared> =>
  (declared.type === "object" && declared.default === undefined
    ? Object.fromEntries(
        Object.entries((declared as unknown as TObject).properties).map(([key, part]) => [
          key,
          defaultsOf(part),
        ]),
      )
    : declared.default) as Static<Declared>;

/** Of a profile, what thresholds are looked up in. */
interface WithChecks {
  checks: Readonly<Record<string, object>>;
}

/**
 * Thresholds of a check as a profile has them.
 *
 * @param declared by the check; the profile was held to it when it came in
 */
export const thresholdsIn = <Declared extends TObject>(
  { checks }: WithChecks,
  id: string,
  _declared: Declared,
): Static<Declared> => checks[id] as Static<Declared>;
