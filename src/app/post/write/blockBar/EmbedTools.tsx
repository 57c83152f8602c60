import type { Editor } from "@tiptap/core";
import { useEditorState } from "@tiptap/react";
import { useState } from "react";
import { ASSET_PREFIX } from "../../../../data/assets";
import type { EmbedAttributes } from "../editor/blocks/embed";
import { ShelfSheet } from "../shelf/ShelfSheet";
import { Act, AttributeField } from "./parts";

export function EmbedTools({ editor }: { editor: Editor }) {
  const [choosing, setChoosing] = useState(false);
  const poster = useEditorState({
    editor,
    selector: ({ editor: e }) => (e.getAttributes("embed") as EmbedAttributes).poster,
  });
  const show = (src: string) => editor.chain().focus().updateAttributes("embed", { poster: src }).run();
  return (
    <>
      <AttributeField
        editor={editor}
        type="embed"
        attribute="href"
        label="Address"
        placeholder="https://"
        address="embed"
      />
      <AttributeField
        editor={editor}
        type="embed"
        attribute="label"
        label="Title"
        placeholder="What it shows"
      />
      <Act onClick={() => setChoosing(true)}>{poster ? "another poster" : "poster"}</Act>
      {poster && <Act onClick={() => show("")}>no poster</Act>}
      {choosing && (
        <ShelfSheet
          title="Poster"
          onTake={({ asset }) => show(`${ASSET_PREFIX}${asset.id}`)}
          onClose={() => setChoosing(false)}
        />
      )}
    </>
  );
}
