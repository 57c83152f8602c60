import { type Editor, Node } from "@tiptap/core";
import { NodeSelection, TextSelection } from "@tiptap/pm/state";
import { useEditorState } from "@tiptap/react";
import type { GalleryLayout } from "../../../../../core/draft/draft";
import { Act, Choice, Gap } from "../../toolParts";
import type { EditorBlock } from "./block";

/** Pictures shown together, in an order of their own. */
const Gallery = Node.create({
  name: "gallery",
  group: "block",
  content: "picture+",
  isolating: true,

  addAttributes() {
    return { layout: { default: "row" } };
  },

  renderHTML({ node }) {
    return ["div", { "data-block": "gallery", "data-layout": String(node.attrs.layout) }, 0];
  },

  addKeyboardShortcuts() {
    return {
      "Alt-Shift-ArrowLeft": ({ editor }) => moveInGallery(editor, -1),
      "Alt-Shift-ArrowRight": ({ editor }) => moveInGallery(editor, 1),
    };
  },
});

/**
 * Moves the picture that is selected, or in whose caption the cursor stands, one place on.
 *
 * @returns whether it stands in a gallery at all
 */
export function moveInGallery(editor: Editor, by: -1 | 1): boolean {
  const { state, view } = editor;
  const { selection } = state;
  const whole = selection instanceof NodeSelection && selection.node.type.name === "picture";
  const pos = whole ? selection.from : selection.$from.before(Math.max(1, selection.$from.depth));
  const place = state.doc.resolve(pos);
  const picture = place.nodeAfter;
  if (place.parent.type.name !== "gallery" || !picture) return false;
  const other = by < 0 ? place.nodeBefore : place.parent.maybeChild(place.index() + 1);
  if (!other) return true;
  const to = by < 0 ? pos - other.nodeSize : pos + other.nodeSize;
  const tr = state.tr.delete(pos, pos + picture.nodeSize).insert(to, picture);
  tr.setSelection(
    whole ? NodeSelection.create(tr.doc, to) : TextSelection.create(tr.doc, to + (selection.from - pos)),
  );
  view.dispatch(tr.scrollIntoView());
  return true;
}

const LAYOUTS: readonly (readonly [GalleryLayout, string])[] = [
  ["row", "in a row"],
  ["grid", "grid"],
  ["column", "column"],
];

function GalleryTools({ editor }: { editor: Editor }) {
  const layout = useEditorState({
    editor,
    selector: ({ editor: e }) => e.getAttributes("gallery").layout as GalleryLayout,
  });
  return (
    <>
      <Choice
        label="Layout"
        options={LAYOUTS}
        value={layout}
        onChange={(next) => editor.chain().focus().updateAttributes("gallery", { layout: next }).run()}
      />
      <Gap />
      <span className="text-ink-2">This picture</span>
      <Act onClick={() => moveInGallery(editor, -1)}>earlier</Act>
      <Act onClick={() => moveInGallery(editor, 1)}>later</Act>
    </>
  );
}

export const gallery: EditorBlock = {
  extensions: [Gallery],
  tools: { type: "gallery", name: "Gallery", Tools: GalleryTools },
};
