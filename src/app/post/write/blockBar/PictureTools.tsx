import type { Editor } from "@tiptap/core";
import { useEditorState } from "@tiptap/react";
import type { PictureSide } from "../../../../core/draft/draft";
import { Choice } from "./parts";

const SIDES: readonly (readonly [PictureSide, string])[] = [
  ["line", "in line"],
  ["wide", "wide"],
  ["left", "left"],
  ["right", "right"],
];

export function PictureTools({ editor }: { editor: Editor }) {
  const side = useEditorState({
    editor,
    selector: ({ editor: e }) => e.getAttributes("picture").side as PictureSide,
  });
  return (
    <Choice
      label="Stands"
      options={SIDES}
      value={side}
      onChange={(next) => editor.chain().focus().updateAttributes("picture", { side: next }).run()}
    />
  );
}
