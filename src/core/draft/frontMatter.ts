/** Front matter: the YAML head of a Markdown post (YAML 1.2, core schema). */
import { parse, stringify } from "yaml";
import type { DraftMeta } from "./draft";
import { emptyMeta } from "./meta";
import { oneLine } from "./oneLine";

const FENCE = /^\uFEFF?---[ \t]*\r?\n(?:([\s\S]*?)\r?\n)?---[ \t]*(?:\r?\n|$)/;

/** The front matter cannot be read; `message` says where, in words of the YAML reader. */
export class FrontMatterError extends Error {
  override name = "FrontMatterError";
}

/**
 * Parts a Markdown file into what its front matter says and its body.
 *
 * Fields: title, metaTitle, description, slug, keyword, supporting, canonical, language, tags, category, author, date,
 * socialPicture, titleSuffix. Others are left alone. Lists may be YAML lists or one text with commas.
 *
 * @throws FrontMatterError where the head is no YAML mapping
 */
export function readFrontMatter(file: string): { meta: DraftMeta; body: string } {
  const match = FENCE.exec(file);
  if (!match) return { meta: { ...emptyMeta, supporting: [], tags: [] }, body: file.replace(/^\uFEFF/, "") };
  let fields: unknown;
  try {
    fields = parse(match[1] ?? "", { schema: "core", maxAliasCount: 20 }) ?? {};
  } catch (error) {
    throw new FrontMatterError(
      `The front matter is not valid YAML: ${(error as Error).message.split("\n")[0]}`,
    );
  }
  if (typeof fields !== "object" || Array.isArray(fields))
    throw new FrontMatterError("The front matter is not a list of fields");
  const from = fields as Record<string, unknown>;
  const meta: DraftMeta = {
    title: text(from.title),
    metaTitle: text(from.metaTitle),
    description: text(from.description),
    slug: text(from.slug),
    canonical: text(from.canonical),
    language: text(from.language) || emptyMeta.language,
    keyword: text(from.keyword),
    supporting: texts(from.supporting),
    tags: texts(from.tags),
    category: text(from.category),
    author: text(from.author),
    date: text(from.date),
    socialPicture: text(from.socialPicture),
    titleSuffix: typeof from.titleSuffix === "string" ? from.titleSuffix : "",
  };
  return { meta, body: file.slice(match[0].length) };
}

/** Writes the fields that say something, in a fixed order. */
export function writeFrontMatter(meta: DraftMeta): string {
  const fields = Object.fromEntries(
    (Object.keys(emptyMeta) as (keyof DraftMeta)[])
      .map((key) => [key, meta[key]] as const)
      .filter(([, value]) => (Array.isArray(value) ? value.length > 0 : value !== "")),
  );
  return `---\n${stringify(fields, { schema: "core", lineWidth: 0 })}---\n`;
}

function text(value: unknown): string {
  if (value === null || value === undefined || typeof value === "object")
    return value instanceof Date ? value.toISOString().slice(0, 10) : "";
  return oneLine(String(value));
}

function texts(value: unknown): string[] {
  const list = Array.isArray(value) ? value : typeof value === "string" ? value.split(",") : [];
  return list.map(text).filter(Boolean);
}
