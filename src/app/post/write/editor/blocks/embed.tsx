import { type Editor, Node } from "@tiptap/core";
import { type NodeViewProps, NodeViewWrapper, ReactNodeViewRenderer, useEditorState } from "@tiptap/react";
import { Play } from "lucide-react";
import { useState } from "react";
import { ASSET_PREFIX } from "../../../../../data/assets";
import { usePictureSource } from "../../../../store/usePictureSource";
import { ShelfSheet } from "../../shelf/ShelfSheet";
import { Act, AttributeField } from "../../toolParts";
import { insertBlock } from "../insertBlock";
import type { EditorBlock } from "./block";

export interface EmbedAttributes {
  href: string;
  label: string;
  poster: string;
}

const saysOf = ({ href, label }: EmbedAttributes): string =>
  href
    ? `${label || "Video or audio"}, from ${href}. Nothing is loaded from it here.`
    : "Video or audio: its address goes above the sheet.";

/** Something from another address, kept as a link with a picture for it: nothing is loaded from outside. */
const Embed = Node.create({
  name: "embed",
  group: "block",
  atom: true,

  addAttributes() {
    return { href: { default: "" }, label: { default: "" }, poster: { default: "" } };
  },

  renderHTML({ node }) {
    return ["p", {}, saysOf(node.attrs as EmbedAttributes)];
  },

  addNodeView() {
    return ReactNodeViewRenderer(EmbedView);
  },
});

function EmbedView({ node, selected }: NodeViewProps) {
  const attrs = node.attrs as EmbedAttributes;
  const poster = usePictureSource(attrs.poster);
  return (
    <NodeViewWrapper
      className={`my-4 border bg-paper font-sans text-[13px] ${selected ? "border-proof" : "border-rule"}`}
    >
      {poster && (
        <span className="relative block">
          <img src={poster} alt="" className="block max-h-72 w-full object-cover" draggable={false} />
          <Play
            size={44}
            aria-hidden="true"
            className="absolute left-1/2 top-1/2 -translate-x-1/2 -translate-y-1/2 rounded-full bg-sheet/85 p-2.5"
          />
        </span>
      )}
      <p className="px-3 py-2">{saysOf(attrs)}</p>
    </NodeViewWrapper>
  );
}

function EmbedTools({ editor }: { editor: Editor }) {
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

export const embed: EditorBlock = {
  extensions: [Embed],
  tools: { type: "embed", name: "Video or audio", Tools: EmbedTools },
  inserts: [
    {
      name: "Video or audio",
      icon: Play,
      run: (e) => insertBlock(e, { type: "embed", attrs: { href: "", label: "" } }),
    },
  ],
};
