/** A pasted answer by the form that is asked for: from JSON where it holds some, else from its lines. */
import type { BarePart } from "../form";
import { answerLines, isRefusal, jsonIn, unfenced } from "./clean";

/** More than a person would paste. */
export const MOST_PASTED = 400_000;

export interface Readers {
  /** @returns null where the value is none of the form */
  fromJson(value: unknown): BarePart[][] | null;
  fromLines(lines: string[]): BarePart[][];
  /** What was looked for: "a title". */
  what: string;
}

export function readPasted(
  pasted: string,
  { fromJson, fromLines, what }: Readers,
): BarePart[][] | { refused: string } {
  if (pasted.length > MOST_PASTED)
    return {
      refused: `This is ${Math.round(pasted.length / 1000)} thousand characters: more than an answer. Paste only the answer.`,
    };
  if (!/[\p{L}\p{N}]/u.test(pasted)) return { refused: "There is nothing to read in it." };
  if (isRefusal(pasted))
    return { refused: "The assistant says that it will not or cannot. Change the request and ask again." };
  const value = jsonIn(pasted);
  const read = value === undefined ? null : whole(fromJson(value));
  if (read?.length) return read;
  const lines = answerLines(unfenced(pasted));
  const answers = whole(fromLines(lines));
  if (!answers.length)
    return { refused: `No ${what} was seen in it. An answer in plain lines is read best.` };
  return answers;
}

const whole = (answers: BarePart[][] | null): BarePart[][] =>
  (answers ?? [])
    .map((parts) => parts.filter(({ text }) => /[\p{L}\p{N}]/u.test(text)))
    .filter((parts) => parts.length);

/** Texts of a list, whatever it is wrapped in: an array of texts or objects, or an object with one. */
export function listIn(value: unknown): unknown[] | null {
  if (Array.isArray(value)) return value;
  if (!value || typeof value !== "object") return null;
  return Object.values(value).find(Array.isArray) ?? null;
}

/** A text under one of the names; null where none holds one. */
export function textAt(value: unknown, names: readonly string[]): string | null {
  if (!value || typeof value !== "object") return null;
  const fields = Object.entries(value);
  for (const name of names) {
    const field = fields.find(([key]) => key.toLowerCase().replace(/[^a-z]/g, "") === name);
    if (typeof field?.[1] === "string") return field[1];
  }
  return null;
}
