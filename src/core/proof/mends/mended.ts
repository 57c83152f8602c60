import type { EditorDoc } from "../../blocks/editorJson";
import { replaceBlocks } from "../../draft/replaceBlocks";
import type { MendedMeta } from "./mend";
import type { Mending } from "./mending";

/**
 * A document with mends made in it, each on what those before it left.
 *
 * @returns the document (the very same where none touches the text), the fields that they write, and the texts that they
 *   began and a person must look at
 */
export function mendedDoc(
  doc: EditorDoc,
  mendings: readonly Mending[],
): { doc: EditorDoc; meta: MendedMeta; begun: string[] } {
  return {
    doc: mendings.reduce((now, { change }) => (change.blocks ? replaceBlocks(now, change.blocks) : now), doc),
    meta: Object.assign({}, ...mendings.map(({ change }) => change.meta ?? {})) as MendedMeta,
    begun: mendings.filter(({ toCheck }) => toCheck).flatMap(begunBy),
  };
}

function begunBy({ checks, change }: Mending): string[] {
  // A section is split before a block that stays as it was, and that may be a picture.
  const kind = checks.includes("alt-text") ? "picture" : "heading";
  return [...(change.blocks?.values() ?? [])].flat().flatMap((block) => {
    if (block.kind !== kind) return [];
    return block.kind === "picture" ? (block.alt ?? []) : block.text;
  });
}
