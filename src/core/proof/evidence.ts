/** Quotations for findings: always cut from the draft itself, so that they quote it exactly. */
import type { Form, Occurrence } from "../text/match";
import type { Evidence } from "./check";
import type { DraftReading, FieldReading, LinkReading } from "./reading";

/** No finding needs more places than a person would look at. */
export const MOST_EVIDENCE = 20;

export function inBlock(reading: DraftReading, block: number, start: number, end: number): Evidence {
  return { quote: reading.draft.blocks[block]!.text.slice(start, end), block, start, end };
}

export function wholeBlock(reading: DraftReading, block: number): Evidence {
  return inBlock(reading, block, 0, reading.draft.blocks[block]!.text.length);
}

export function inField(field: FieldReading, start = 0, end = field.text.length): Evidence {
  return { quote: field.text.slice(start, end), field: field.name, start, end };
}

export function ofLink(reading: DraftReading, link: LinkReading): Evidence {
  const block = reading.draft.blocks[link.block]!;
  if (block.kind === "picture" && link.start === link.end) return ofAlt(reading, link.block);
  return inBlock(reading, link.block, link.start, link.end);
}

/** The alt text of a picture, or its file's name where it has none. */
export function ofAlt(reading: DraftReading, index: number): Evidence {
  const block = reading.draft.blocks[index]!;
  if (block.kind !== "picture") return wholeBlock(reading, index);
  if (block.alt) return { quote: block.alt, block: index, field: "alt", start: 0, end: block.alt.length };
  return { quote: block.fileName, block: index, field: "fileName", start: 0, end: block.fileName.length };
}

const FORM_WORDS: Record<Form, string> = {
  exact: "as written",
  inflected: "in another form",
  close: "with its words close together",
  scattered: "with its words scattered",
};

export const formWords = (occurrence: Occurrence): string => FORM_WORDS[occurrence.form];

export const quoted = (text: string): string => `“${text}”`;
export const plural = (n: number, one: string, many = `${one}s`): string =>
  `${n.toLocaleString("en")} ${n === 1 ? one : many}`;
export const percent = (share: number, digits = 0): string => `${(share * 100).toFixed(digits)} %`;
