/** Drafts for tests, from the shortest thing that says them: Markdown and a few fields. */
import type { Draft, DraftMeta } from "../draft/draft";
import { draftFromMarkdown } from "../draft/fromMarkdown";
import { emptyMeta } from "../draft/meta";
import { noContext, type ProofContext } from "../proof/context";
import type { Finding } from "../proof/finding";
import type { CheckId } from "../proof/profile";
import { proof } from "../proof/proof";

export function draftOf(body: string, meta: Partial<DraftMeta> = {}): Draft {
  return { ...draftFromMarkdown(body), meta: { ...emptyMeta, ...meta } };
}

export function findingOf(id: CheckId, draft: Draft, context: Partial<ProofContext> = {}): Finding {
  return proof(draft, { ...noContext, ...context }).findings.find((finding) => finding.id === id)!;
}

/** So many words that say nothing. */
export const filler = (words: number, word = "lorem"): string =>
  Array.from({ length: words }, () => word).join(" ");

/** A draft of plain paragraphs, without a parser's work. */
export const paragraphs = (texts: readonly string[], meta: Partial<DraftMeta> = {}): Draft => ({
  meta: { ...emptyMeta, ...meta },
  blocks: texts.map((text, i) => ({
    id: `p${i}`,
    kind: "paragraph",
    text,
    runs: [{ text, marks: [] }],
    within: [],
  })),
  headingIds: "derived",
});
