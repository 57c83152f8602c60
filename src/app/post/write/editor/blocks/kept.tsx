import { Node } from "@tiptap/core";
import { type NodeViewProps, NodeViewWrapper, ReactNodeViewRenderer } from "@tiptap/react";
import { Archive } from "lucide-react";
import type { EditorNode } from "../../../../../core/blocks/editorJson";
import { KEPT } from "../../../../../core/draft/documentRules";
import type { EditorBlock } from "./block";

/** A block that this version does not know, kept as it came until one opens it that does. */
const Kept = Node.create({
  name: KEPT,
  group: "block",
  atom: true,

  addAttributes() {
    return { json: { default: "" } };
  },

  renderHTML() {
    return ["p", {}, "A block that this version does not know"];
  },

  addNodeView() {
    return ReactNodeViewRenderer(KeptView);
  },
});

/** Its letters as they lie in it, whatever it is. */
function textIn(json: string): { type: string; text: string } {
  try {
    const top = JSON.parse(json) as EditorNode;
    const words: string[] = [];
    const open: unknown[] = [top];
    for (let node = open.pop(); node !== undefined; node = open.pop()) {
      const { text, content } = (node ?? {}) as Partial<EditorNode>;
      if (typeof text === "string") words.push(text);
      if (Array.isArray(content)) open.push(...content.toReversed());
    }
    return { type: top.type, text: words.join(" ").slice(0, 2000) };
  } catch {
    return { type: "", text: "" };
  }
}

function KeptView({ node, selected }: NodeViewProps) {
  const { type, text } = textIn(String(node.attrs.json));
  return (
    <NodeViewWrapper
      contentEditable={false}
      className={`my-4 border border-dashed bg-paper px-3 py-2 font-sans text-[13px] ${selected ? "border-proof" : "border-ink-2"}`}
    >
      <p className="flex items-center gap-1.5 text-ink-2">
        <Archive size={15} aria-hidden="true" />
        Kept as it came: this version does not know all of this block{type && ` (“${type}”)`}. It cannot be
        edited here, and is in neither the score nor an export.
      </p>
      {text && <p className="mt-1 whitespace-pre-wrap">{text}</p>}
    </NodeViewWrapper>
  );
}

export const kept: EditorBlock = {
  extensions: [Kept],
};
