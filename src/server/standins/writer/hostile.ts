/** Answers that try to do something: nothing of them may run, and nothing may be written over. */
import { readFileSync } from "node:fs";

interface Parts {
  /** Elements up to the attribute that would run something. */
  tags: string[];
  schemes: string[];
  texts: string[];
  /** What is said so many times. */
  repeated: [string, number][];
}

const parts = JSON.parse(readFileSync(new URL("./hostile.json", import.meta.url), "utf8")) as Parts;
const RUNS = "window.hostile=1";

/** A hundred of them. */
export const HOSTILE: readonly string[] = [
  ...parts.texts,
  ...parts.repeated.map(([text, times]) => text.repeat(times)),
  ...parts.tags.flatMap((tag) => [
    `<${tag}="${RUNS}">x`,
    `A good sentence before it. <${tag}='${RUNS}'>`,
    `1. <${tag}=${RUNS}>`,
  ]),
  ...parts.schemes.flatMap((scheme) => [
    `[A link](${scheme})`,
    `<a href="${scheme}">x</a>`,
    `Title: ${scheme}\nDescription: ${scheme}`,
    `## ${scheme}`,
  ]),
].slice(0, 100);
