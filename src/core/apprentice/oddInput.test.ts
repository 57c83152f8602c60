/** Whatever somebody types into a request: an answer, or what is missing, and never an error. */
import type { TSchema } from "@sinclair/typebox";
import { describe, expect, it } from "vitest";
import { defaultProfile } from "../proof/profile";
import { TASKS } from "./registry";
import { suggest, type TaskInput } from "./suggest";

const ODD = [
  "e-bike",
  "C++",
  "[abc",
  "x*y+z?",
  "\\d+",
  "the",
  "—",
  "24/7",
  "🚲",
  "日本語のブログ",
  "<b>bold</b>",
  "word ".repeat(200),
];

/** A value of a shape with a text wherever there is room for one. */
function filled({ type, enum: options, items, properties }: TSchema, text: string): unknown {
  if (type === "string") return options ? (options as string[])[0] : text;
  if (type === "array") return [filled(items as TSchema, text), filled(items as TSchema, `${text} two`)];
  if (type === "object") return filledObject(properties as Record<string, TSchema>, text);
  return undefined;
}
const filledObject = (properties: Record<string, TSchema>, text: string): TaskInput =>
  Object.fromEntries(
    Object.entries(properties)
      .map(([name, shape]) => [name, filled(shape, text)] as const)
      .filter(([, value]) => value !== undefined),
  );

describe.each(TASKS.map((task) => [task.id, task] as const))("%s", (_, task) => {
  it.each(ODD)("of %j", (text) => {
    const input = filledObject(task.input.properties as Record<string, TSchema>, text);
    const { answers, missing } = suggest(task, input, { profile: defaultProfile });
    expect(answers.length + missing.length).toBeGreaterThan(0);
  });
});
