import { Node } from "@tiptap/core";
import { type NodeViewProps, NodeViewWrapper, ReactNodeViewRenderer, useEditorState } from "@tiptap/react";
import { ListTree } from "lucide-react";
import { insertBlock } from "../insertBlock";
import type { EditorBlock } from "./block";

/** The place where the page lists its headings; the list is made from them. */
const Contents = Node.create({
  name: "contents",
  group: "block",
  atom: true,

  renderHTML() {
    return ["nav", { "data-block": "contents" }];
  },

  addNodeView() {
    return ReactNodeViewRenderer(ContentsView);
  },
});

function ContentsView({ editor }: NodeViewProps) {
  const headings = useEditorState({
    editor,
    selector: ({ editor: { state } }) => {
      const headings: { level: number; text: string }[] = [];
      state.doc.forEach((node) => {
        const level = Number(node.attrs.level);
        if (node.type.name === "heading" && (level === 2 || level === 3) && node.textContent)
          headings.push({ level, text: node.textContent });
      });
      return headings;
    },
  });
  return (
    <NodeViewWrapper className="border-y border-rule py-2 font-sans text-[14px]" contentEditable={false}>
      <p className="font-semibold">Contents</p>
      {headings.length ? (
        <ul className="!list-none !pl-0">
          {headings.map(({ level, text }, i) => (
            <li key={i} className={level > 2 ? "pl-4" : ""}>
              {text}
            </li>
          ))}
        </ul>
      ) : (
        <p className="text-ink-2">Headings of the post appear here.</p>
      )}
    </NodeViewWrapper>
  );
}

export const contents: EditorBlock = {
  extensions: [Contents],
  inserts: [{ name: "Contents list", icon: ListTree, run: (e) => insertBlock(e, { type: "contents" }) }],
};
