/** Scoring files: reading, decoding, sizes of the pictures that stand beside them, and what the files know of each other. */

import { readFileSync, readSync, statSync } from "node:fs";
import { basename, dirname, extname, resolve } from "node:path";
import type { CompetitorAnalysis } from "../core/benchmark/competitors";
import type { Block, Draft } from "../core/draft/draft";
import { draftFromHtml } from "../core/draft/fromHtml";
import { draftFromMarkdown } from "../core/draft/fromMarkdown";
import { FrontMatterError } from "../core/draft/frontMatter";
import { noContext, type ProofContext } from "../core/proof/context";
import { type Fix, fixAll } from "../core/proof/fixes/fix";
import { noHelp } from "../core/proof/fixes/fixRule";
import { fixRules } from "../core/proof/fixes/registry";
import type { Profile } from "../core/proof/profile";
import { proof } from "../core/proof/proof";
import { decodeText } from "../core/text/decodeText";
import type { SavedCompetitors } from "./competitors";
import { fixedMarkdown } from "./fix";
import type { FailedFile, ScoredFile } from "./formats/scored";

export interface ScoreOptions {
  profile: Profile;
  keyword?: string;
  supporting?: string[];
  competitors?: SavedCompetitors;
  /** What the application knew of the one file that is scored. */
  context?: ProofContext;
  /** Checks overruled for all files, with the reason. */
  setAside: Record<string, string>;
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
  const drafts: ReadFile[] = [];
  const failed: FailedFile[] = [];
  for (const file of files) {
    try {
      drafts.push(readDraftFile(file, options));
    } catch (error) {
      failed.push({ file, message: sayWhy(error) });
    }
  }
  const scored = drafts.flatMap((read): ScoredFile[] => {
    try {
      const { context, competitors } = termsOf(read, drafts, options);
      const report = proof(read.draft, context, options.profile);
      return [
        { ...read, report: { ...report, notes: [...report.notes, ...unknownNotes(options)] }, competitors },
      ];
    } catch (error) {
      failed.push({ file: read.file, message: `It could not be scored: ${sayWhy(error)}` });
      return [];
    }
  });
  return { scored, failed: [...failed, ...(options.competitors?.failed ?? [])] };
}

interface ReadFile {
  file: string;
  source: string;
  draft: Draft;
}

function termsOf(
  { file, draft }: ReadFile,
  all: readonly ReadFile[],
  options: ScoreOptions,
): { context: ProofContext; competitors: CompetitorAnalysis | null } {
  const others = all
    .filter((other) => areSiblings(draft, other.draft))
    .map(({ draft: { meta } }) => ({ metaTitle: meta.metaTitle || meta.title }));
  const { keyword, language } = draft.meta;
  const competitors = options.competitors?.competitorsFor(file, keyword, language) ?? null;
  const context = options.context ?? noContext;
  return {
    competitors,
    context: {
      ...context,
      others: [...context.others, ...others],
      setAside: { ...context.setAside, ...options.setAside },
      competitors: competitors?.measure ?? context.competitors,
    },
  };
}

/** What the application would have known, and the score cannot tell without. */
function unknownNotes({ context, competitors, setAside }: ScoreOptions): string[] {
  if (context) return [];
  const unknown = [
    !competitors && "competing pages",
    "questions chosen in Plan",
    !Object.keys(setAside).length && "checks set aside",
    "other posts and pages of the site",
  ].filter((one) => one !== false);
  return [
    `Not known here: ${unknown.slice(0, -1).join(", ")} and ${unknown.at(-1)}. The context file that is exported with a post has them (--context).`,
  ];
}

export interface FixedFile {
  file: string;
  fixes: Fix[];
  /** The text as fixed. */
  source: string;
  /** Why it was left alone; null where it was not. */
  left: string | null;
}

/** The safe fixes of every Markdown file that needs one; files that cannot be read are left to scoring, which says why. */
export function fixFiles(files: readonly string[], options: ScoreOptions): FixedFile[] {
  const read = files
    .filter((file) => file !== STANDARD_INPUT)
    .flatMap((file): ReadFile[] => {
      try {
        return [readDraftFile(file, options)];
      } catch {
        return [];
      }
    });
  const safe = fixRules.filter(({ safe: isSafe }) => isSafe).map(({ id }) => ({ fix: id }));
  return read.flatMap((one): FixedFile[] => {
    const { file, source, draft } = one;
    const { context } = termsOf(one, read, options);
    const terms = { context, profile: options.profile, help: noHelp };
    const { draft: better, fixes } = fixAll(draft, safe, terms);
    if (!fixes.length) return [];
    const left = { file, fixes, source };
    if (READERS[endingOf(file)]!.html)
      return [{ ...left, left: "has safe fixes, but only Markdown files are written." }];
    const fixed = fixedMarkdown(source, draft, better, fixes);
    const score = (of: Draft) => proof(of, context, options.profile).score;
    // Read again from the text that would be written: what was promised must hold there.
    const proved =
      fixed !== null && Math.abs(score(draftOfText(fixed, file, options)) - score(better)) < SAME;
    return [
      proved
        ? { ...left, source: fixed, left: null }
        : { ...left, left: "has safe fixes that its source cannot take without other changes; left alone." },
    ];
  });
}

const SAME = 1e-9;

/**
 * Two files are posts of one site where their canonical addresses say so: one host, two addresses. Files that name no
 * address may be anything, versions of one post among them, and are not held against each other.
 */
function areSiblings(a: Draft, b: Draft): boolean {
  if (a === b || !URL.canParse(a.meta.canonical) || !URL.canParse(b.meta.canonical)) return false;
  const [one, two] = [new URL(a.meta.canonical), new URL(b.meta.canonical)];
  return one.host === two.host && one.pathname !== two.pathname;
}

/** Larger files hold no post, and nobody waits for them. */
const MOST_BYTES = 10_000_000;
/** The file that is read from standard input, which is taken for Markdown. */
export const STANDARD_INPUT = "-";
const endingOf = (file: string): string => (file === STANDARD_INPUT ? ".md" : extname(file).toLowerCase());

/** @throws Error where it is no regular file, or larger than any post: a pipe may never end */
function bytesOf(file: string): Buffer {
  if (file !== STANDARD_INPUT) {
    const stat = statSync(file);
    if (stat.isDirectory()) throw new Error("This is a folder; name the files in it.");
    if (!stat.isFile()) throw new Error("This is not a regular file; use - to read from a pipe.");
    if (stat.size > MOST_BYTES) throw new Error(tooLarge);
    return readFileSync(file);
  }
  const pieces: Buffer[] = [];
  let size = 0;
  for (;;) {
    const piece = Buffer.alloc(65_536);
    const read = readSync(0, piece, 0, piece.length, null);
    if (!read) return Buffer.concat(pieces);
    size += read;
    if (size > MOST_BYTES) throw new Error(tooLarge);
    pieces.push(piece.subarray(0, read));
  }
}
const tooLarge = `It is larger than ${MOST_BYTES / 1e6} MB, too large for a post.`;

function readDraftFile(file: string, options: ScoreOptions): ReadFile {
  const reader = READERS[endingOf(file)];
  if (!reader) throw new Error(`“${basename(file)}” is neither Markdown (.md) nor HTML (.html).`);
  const source = decodeText(bytesOf(file), reader.html);
  return { file, source, draft: draftOfText(source, file, options) };
}

function draftOfText(source: string, file: string, options: ScoreOptions): Draft {
  const draft = READERS[endingOf(file)]!.read(source);
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
