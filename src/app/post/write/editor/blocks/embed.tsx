import { Node } from "@tiptap/core";
import { type NodeViewProps, NodeViewWrapper, ReactNodeViewRenderer } from "@tiptap/react";
import { Play } from "lucide-react";
import { usePictureSource } from "../../../../ui/usePictureSource";

export interface EmbedAttributes {
  href: string;
  label: string;
  poster: string;
}

const saysOf = ({ href, label }: EmbedAttributes): string =>
  href
    ? `${label || "Video or audio"}, from ${href}. Nothing of it is loaded here.`
    : "Video or audio: its address goes above the sheet.";

/** Something from another address, kept as a link with a picture for it: nothing is loaded from outside. */
export const Embed = Node.create({
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
