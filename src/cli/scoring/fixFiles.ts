/** The safe fixes of files, made in copies: writing them is the caller's. */

import type { Draft } from "../../core/draft/draft";
import { type Fix, fixAll } from "../../core/proof/fixes/fix";
import { noHelp } from "../../core/proof/fixes/fixRule";
import { fixRules } from "../../core/proof/fixes/registry";
import { nearShareOf } from "../../core/proof/profile";
import { proof } from "../../core/proof/proof";
import { fixedMarkdown } from "./fixedMarkdown";
import type { ScoreOptions } from "./options";
import { type ReadFile, readDraft, readText, STANDARD_INPUT } from "./readFile";
import { siblingsOf } from "./scoreFiles";
import { createScorer } from "./scorer";
import { createSiblings } from "./siblings";

export interface FixedFile {
  file: string;
  fixes: Fix[];
  /** The text as fixed. */
  source: string;
  /** Why it was left alone; null where it was not. */
  left: string | null;
}

/** The safe fixes of every Markdown file that needs one; files that cannot be read are left to scoring, which says why. */
export async function fixFiles(files: readonly string[], options: ScoreOptions): Promise<FixedFile[]> {
  const named = files.filter((file) => file !== STANDARD_INPUT);
  const scorer = await createScorer(options, createSiblings(siblingsOf(named), nearShareOf(options.profile)));
  const safe = fixRules.filter(({ safe: isSafe }) => isSafe).map(({ id }) => ({ fix: id }));
  return named.flatMap((file): FixedFile[] => {
    const read = readIfPossible(file, options);
    if (!read) return [];
    const { source, draft, html } = read;
    const { context } = scorer.terms(read);
    const terms = { context, profile: options.profile, help: noHelp };
    const { draft: better, fixes } = fixAll(draft, safe, terms);
    if (!fixes.length) return [];
    const left = { file, fixes, source };
    if (html) return [{ ...left, left: "has safe fixes, but only Markdown files are written." }];
    const fixed = fixedMarkdown(source, draft, better, fixes);
    const score = (of: Draft) => proof(of, context, options.profile).score;
    // Read again from the text that would be written: what was promised must hold there.
    const proved =
      fixed !== null &&
      Math.abs(score(readDraft({ ...read, source: fixed }, options).draft) - score(better)) < SAME;
    return [
      proved
        ? { ...left, source: fixed, left: null }
        : { ...left, left: "has safe fixes that its source cannot take without other changes; left alone." },
    ];
  });
}

const SAME = 1e-9;

function readIfPossible(file: string, options: ScoreOptions): ReadFile | null {
  try {
    return readDraft(readText(file), options);
  } catch {
    return null;
  }
}
