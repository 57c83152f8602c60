/** Formats that the command line answers in. A new one is a file beside these, and a line here. */
import type { Format } from "./format";
import { json } from "./json";
import { jsonLines } from "./jsonLines";
import { markdown } from "./markdown";
import { sarif } from "./sarif";
import { text } from "./text";

const registered = [text, json, jsonLines, markdown, sarif] as const;

export type FormatId = (typeof registered)[number]["id"];
export const FORMATS: readonly (Format & { id: FormatId })[] = registered;

export const formatOf = (id: FormatId): Format => FORMATS.find((one) => one.id === id)!;
