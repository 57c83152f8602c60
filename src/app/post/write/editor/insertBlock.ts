import type { Editor } from "@tiptap/core";
import { NodeSelection, Selection } from "@tiptap/pm/state";
import type { EditorNode } from "../../../../core/draft/editorJson";

/**
 * Puts a block of the top level in: in place of the empty line that the cursor stands in, or behind the block, so that no
 * table, list or box is broken by it. The cursor goes into it, or onto it where nothing in it can be written.
 */
export function insertBlock(editor: Editor, block: EditorNode): void {
  const { state, view } = editor;
  const { $to } = state.selection;
  const node = state.schema.nodeFromJSON(block);
  const onTop = $to.depth === 0;
  const top = onTop ? $to.nodeBefore : $to.node(1);
  const empty = !onTop && top?.type.name === "paragraph" && top.content.size === 0;
  const at = onTop ? $to.pos : empty ? $to.before(1) : $to.after(1);
  const { tr } = state;
  if (empty) tr.replaceWith(at, $to.after(1), node);
  else tr.insert(at, node);
  // There is always a line to go on with.
  const after = at + node.nodeSize;
  if (after >= tr.doc.content.size) tr.insert(after, state.schema.nodes.paragraph!.create());
  tr.setSelection(node.isAtom ? NodeSelection.create(tr.doc, at) : Selection.near(tr.doc.resolve(at + 1)));
  view.dispatch(tr.scrollIntoView());
  view.focus();
}
