/** What is other than it came, while a document is made sound; and said in sentences. */
import { MOST_LEVELS, MOST_NODES } from "./bounds";

export interface Told {
  unknown: Map<string, number>;
  attributes: Set<string>;
  values: number;
  moved: number;
  flat: number;
  rest: number;
}

export const nothingTold = (): Told => ({
  unknown: new Map(),
  attributes: new Set(),
  values: 0,
  moved: 0,
  flat: 0,
  rest: 0,
});

export function sentences({ unknown, attributes, values, moved, flat, rest }: Told): string[] {
  const kinds = [...unknown.keys()].map((kind) => `“${kind.slice(0, 40)}”`).join(", ");
  const blocks = [...unknown.values()].reduce((sum, n) => sum + n, 0);
  return [
    blocks > 0 &&
      `${blocks === 1 ? "A block holds" : `${blocks} blocks hold`} what this version does not know (${kinds}): kept as ${blocks === 1 ? "it" : "they"} came, and cannot be edited here.`,
    moved > 0 &&
      `${moved === 1 ? "A block was" : `${moved} blocks were`} not built the way a document should be: the text is kept, as close to its place as possible.`,
    values > 0 &&
      `${values === 1 ? "A value" : `${values} values`} that cannot be used ${values === 1 ? "was" : "were"} left out.`,
    attributes.size > 0 &&
      `Left out, since this version does not know it: ${[...attributes].slice(0, 8).join(", ").slice(0, 200)}.`,
    flat > 0 && `What was nested more than ${MOST_LEVELS} levels deep is paragraphs now.`,
    rest > 0 &&
      `It holds more than ${MOST_NODES.toLocaleString("en")} elements: the last ${rest} blocks are kept, and cannot be edited.`,
  ].filter((said): said is string => typeof said === "string");
}
