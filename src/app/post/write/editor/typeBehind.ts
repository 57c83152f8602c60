/** With a block selected whole, as a picture or a contents list is, what is typed or pasted goes on behind it and does not take its place. */
import { Extension } from "@tiptap/core";
import { type EditorState, NodeSelection, Plugin, TextSelection, type Transaction } from "@tiptap/pm/state";

/** @returns puts the cursor into the line behind the block, which is made where there is none; null where no block is selected */
export function stepBehind({ selection, schema, tr }: EditorState): Transaction | null {
  if (!(selection instanceof NodeSelection) || !selection.node.isBlock) return null;
  // Of what stands in another, as a picture in a gallery, behind that.
  const behind = selection.$from.depth ? selection.$from.after(1) : selection.to;
  const next = tr.doc.nodeAt(behind);
  if (next?.type.name !== "paragraph" || next.content.size)
    tr.insert(behind, schema.nodes.paragraph!.create());
  return tr.setSelection(TextSelection.create(tr.doc, behind + 1));
}

export const TypeBehind = Extension.create({
  name: "typeBehind",

  addProseMirrorPlugins() {
    return [
      new Plugin({
        props: {
          handleTextInput(view, _from, _to, text) {
            const tr = stepBehind(view.state);
            if (tr) view.dispatch(tr.insertText(text).scrollIntoView());
            return tr !== null;
          },
        },
      }),
    ];
  },
});
