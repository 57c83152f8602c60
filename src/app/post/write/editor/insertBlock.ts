/**
 * Puts blocks of the top level in: in place of the empty line that the cursor stands in, or behind the block, so that no word, table,
 * list or box is broken by them. The cursor goes into the last one, or onto it where nothing in it can be written.
 */
import type { Editor } from "@tiptap/core";
import { type EditorState, NodeSelection, Selection, type Transaction } from "@tiptap/pm/state";
import type { EditorNode } from "../../../../core/blocks/editorJson";

/** @param place where the blocks are meant to go; where the selection ends unless said otherwise */
export function withBlocks(
  { selection, schema, doc, tr }: EditorState,
  blocks: readonly EditorNode[],
  place = selection.to,
): Transaction {
  const nodes = blocks.map((block) => schema.nodeFromJSON(block));
  const $to = doc.resolve(place);
  const onTop = $to.depth === 0;
  const top = onTop ? $to.nodeBefore : $to.node(1);
  const empty = !onTop && top?.type.name === "paragraph" && top.content.size === 0;
  const at = onTop ? $to.pos : empty ? $to.before(1) : $to.after(1);
  if (empty) tr.replaceWith(at, $to.after(1), nodes);
  else tr.insert(at, nodes);
  const last = nodes.at(-1);
  if (!last) return tr;
  const after = at + nodes.reduce((size, node) => size + node.nodeSize, 0);
  // There is always a line to go on with.
  if (after >= tr.doc.content.size) tr.insert(after, schema.nodes.paragraph!.create());
  const start = after - last.nodeSize;
  return tr.setSelection(
    last.isAtom && !last.isText
      ? NodeSelection.create(tr.doc, start)
      : Selection.near(tr.doc.resolve(start + 1)),
  );
}

export function insertBlock(editor: Editor, block: EditorNode): void {
  insertBlocks(editor, [block]);
}

export function insertBlocks(editor: Editor, blocks: readonly EditorNode[], place?: number): void {
  editor.view.dispatch(withBlocks(editor.state, blocks, place).scrollIntoView());
  editor.view.focus();
}

/** A line across the page: what is written next stands below it. */
export function insertDivider(editor: Editor): void {
  const tr = withBlocks(editor.state, [{ type: "horizontalRule" }]);
  editor.view.dispatch(tr.setSelection(Selection.near(tr.doc.resolve(tr.selection.to))).scrollIntoView());
  editor.view.focus();
}
