/** The values of a declaration one by one, with the words that a person needs to set or read them. */
import type { TObject, TSchema } from "@sinclair/typebox";
import { number } from "./evidence";

export interface ThresholdField {
  /** Where the value is: keys of objects, places of lists. */
  path: readonly (string | number)[];
  /** Name of the threshold, with what this end of it is where it has several. */
  label: string;
  /** What it is counted in; empty where that is in its name. */
  unit: string;
  /** Words that it may be; none where it is a number. */
  options: readonly string[];
}

interface Said extends TSchema {
  title?: string;
  unit?: string;
  ends?: readonly string[];
  enum?: readonly string[];
}

/** Values of a declaration, in its order. */
export const fieldsOf = (declared: TObject, path: ThresholdField["path"] = []): ThresholdField[] =>
  Object.entries(declared.properties).flatMap(([key, part]): ThresholdField[] => {
    const { title = key, unit = "", ends, enum: options = [], type } = part as Said;
    const own = [...path, key];
    if (type === "object") return fieldsOf(part as TObject, own);
    if (ends)
      return ends.map((end, at) => ({ path: [...own, at], label: `${title}, ${end}`, unit, options }));
    return [{ path: own, label: title, unit, options }];
  });

/** A value in words. */
export function inWords(value: number | string, { unit }: Pick<ThresholdField, "unit">): string {
  if (typeof value === "string") return value;
  if (unit === "share") return `${Number((value * 100).toFixed(2))} %`;
  return unit ? `${number(value)} ${unit}` : number(value);
}
