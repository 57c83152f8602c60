import type { EditorDoc } from "../../blocks/editorJson";
import { replaceBlocks } from "../../draft/replaceBlocks";
import type { Fix } from "./fix";
import type { FixedMeta } from "./fixRule";

/**
 * A document with fixes made in it, each on what those before it left.
 *
 * @returns the document (the very same where none touches the text), the fields that they write, and the texts that they
 *   wrote or started and a person must review
 */
export function fixedDoc(
  doc: EditorDoc,
  fixes: readonly Fix[],
): { doc: EditorDoc; meta: FixedMeta; toReview: string[] } {
  return {
    doc: fixes.reduce((now, { change }) => (change.blocks ? replaceBlocks(now, change.blocks) : now), doc),
    meta: Object.assign({}, ...fixes.map(({ change }) => change.meta ?? {})) as FixedMeta,
    toReview: fixes.filter(({ toCheck }) => toCheck).flatMap(generatedBy),
  };
}

function generatedBy({ checks, change }: Fix): string[] {
  // A section is split before a block that stays as it was, and that may be a picture.
  const kind = checks.includes("alt-text") ? "picture" : "heading";
  return [...(change.blocks?.values() ?? [])].flat().flatMap((block) => {
    if (block.kind !== kind) return [];
    return block.kind === "picture" ? (block.alt ?? []) : block.text;
  });
}
