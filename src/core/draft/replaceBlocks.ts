import type { EditorDoc, EditorNode } from "../blocks/editorJson";
import type { Block } from "./draft";
import { blocksFromNode } from "./fromEditor";
import { blocksToEditor } from "./toEditor";

/**
 * A document with some of its blocks replaced. Top-level nodes without such a block stay the very same objects.
 *
 * @param blocks what takes the place of a block, by its place among the document's blocks; nothing removes it
 */
export function replaceBlocks(doc: EditorDoc, blocks: ReadonlyMap<number, readonly Block[]>): EditorDoc {
  let at = 0;
  const content = doc.content.flatMap((node, i): EditorNode[] => {
    const own = blocksFromNode(node, String(node.attrs?.id ?? `n${i}`));
    const from = at;
    at += own.length;
    if (!own.some((_, j) => blocks.has(from + j))) return [node];
    const replaced = own.flatMap((block, j) => blocks.get(from + j) ?? [block]);
    return replaced.length ? blocksToEditor(replaced).content : [];
  });
  return content.length ? { type: "doc", content } : { type: "doc", content: [{ type: "paragraph" }] };
}
