import type { Editor } from "@tiptap/core";
import { useEditorState } from "@tiptap/react";
import type { GalleryLayout } from "../../../../core/draft/draft";
import { moveInGallery } from "../editor/blocks/gallery";
import { Act, Choice, Gap } from "./parts";

const LAYOUTS: readonly (readonly [GalleryLayout, string])[] = [
  ["row", "in a row"],
  ["grid", "grid"],
  ["column", "column"],
];

export function GalleryTools({ editor }: { editor: Editor }) {
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
