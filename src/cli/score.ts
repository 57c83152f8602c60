/** Scoring files: reading, decoding, sizes of the pictures that stand beside them, and what the files know of each other. */
import { readFileSync, statSync } from "node:fs";
import { basename, dirname, extname, resolve } from "node:path";
import type { Block, Draft } from "../core/draft/draft";
import { draftFromHtml } from "../core/draft/fromHtml";
import { draftFromMarkdown } from "../core/draft/fromMarkdown";
import { FrontMatterError } from "../core/draft/frontMatter";
import type { FieldAnalysis } from "../core/field/field";
import { noContext } from "../core/proof/context";
import type { Profile } from "../core/proof/profile";
import { proof } from "../core/proof/proof";
import type { Report } from "../core/proof/report";
import { decodeText } from "../core/text/decodeText";
import type { SavedField } from "./field";

export interface ScoreOptions {
  profile: Profile;
  keyword?: string;
  supporting?: string[];
  field?: SavedField;
}

export interface ScoredFile {
  file: string;
  draft: Draft;
  report: Report;
  /** What it was measured against; null where there was no field. */
  field: FieldAnalysis | null;
}

export interface FailedFile {
  file: string;
  message: string;
}

const READERS: Record<string, { html: boolean; read: (text: string) => Draft }> = {
  ".md": { html: false, read: draftFromMarkdown },
  ".markdown": { html: false, read: draftFromMarkdown },
  ".mdown": { html: false, read: draftFromMarkdown },
  ".txt": { html: false, read: draftFromMarkdown },
  ".html": { html: true, read: draftFromHtml },
  ".htm": { html: true, read: draftFromHtml },
  ".xhtml": { html: true, read: draftFromHtml },
};

/** Scores what can be read and says of the rest why not. */
export function scoreFiles(
  files: readonly string[],
  options: ScoreOptions,
): { scored: ScoredFile[]; failed: FailedFile[] } {
  const drafts: { file: string; draft: Draft }[] = [];
  const failed: FailedFile[] = [];
  for (const file of files) {
    try {
      drafts.push({ file, draft: readDraftFile(file, options) });
    } catch (error) {
      failed.push({ file, message: sayWhy(error) });
    }
  }
  const scored = drafts.map(({ file, draft }) => {
    const others = drafts
      .filter((other) => areSiblings(draft, other.draft))
      .map(({ draft: { meta } }) => ({ metaTitle: meta.metaTitle || meta.title }));
    const { keyword, language } = draft.meta;
    const field = options.field?.fieldFor(file, keyword, language) ?? null;
    const context = { ...noContext, others, field: field?.measure ?? null };
    return { file, draft, report: proof(draft, context, options.profile), field };
  });
  return { scored, failed: [...failed, ...(options.field?.failed ?? [])] };
}

/**
 * Two files are posts of one site where their canonical addresses say so: one host, two addresses. Files that name no
 * address may be anything, versions of one post among them, and are not held against each other.
 */
function areSiblings(a: Draft, b: Draft): boolean {
  if (a === b || !URL.canParse(a.meta.canonical) || !URL.canParse(b.meta.canonical)) return false;
  const [one, two] = [new URL(a.meta.canonical), new URL(b.meta.canonical)];
  return one.host === two.host && one.pathname !== two.pathname;
}

function readDraftFile(file: string, options: ScoreOptions): Draft {
  const reader = READERS[extname(file).toLowerCase()];
  if (!reader) throw new Error(`“${basename(file)}” is neither Markdown (.md) nor HTML (.html).`);
  const draft = reader.read(decodeText(readFileSync(file), reader.html));
  const folder = dirname(resolve(file));
  return {
    ...draft,
    blocks: draft.blocks.map((block) => withSize(block, folder)),
    meta: {
      ...draft.meta,
      keyword: options.keyword ?? draft.meta.keyword,
      supporting: options.supporting ?? draft.meta.supporting,
    },
  };
}

/** A picture that stands as a file beside the post has a size. */
function withSize(block: Block, folder: string): Block {
  if (block.kind !== "picture" || block.bytes !== null || /^([a-z][a-z0-9+.-]*:|\/|#|$)/i.test(block.src))
    return block;
  try {
    const path = decodeURIComponent(block.src.split(/[?#]/)[0]!);
    const stat = statSync(resolve(folder, path));
    return stat.isFile() ? { ...block, bytes: stat.size } : block;
  } catch {
    return block;
  }
}

function sayWhy(error: unknown): string {
  const { code, message } = error as NodeJS.ErrnoException;
  if (error instanceof FrontMatterError) return message;
  if (code === "ENOENT") return "There is no such file.";
  if (code === "EISDIR") return "This is a folder; name the files in it.";
  if (code === "EACCES") return "This file may not be read.";
  return message;
}
