import { type Editor, mergeAttributes } from "@tiptap/core";
import { Blockquote } from "@tiptap/extension-blockquote";
import { useEditorState } from "@tiptap/react";
import { MessageSquareQuote, Quote as QuoteIcon } from "lucide-react";
import { Act, Choice } from "../../toolParts";
import { insertBlock } from "../insertBlock";
import type { EditorBlock } from "./block";

/** A quotation, or a line of the text set apart to be seen. */
const Quote = Blockquote.extend({
  content: "(paragraph | bulletList | orderedList)+",

  addAttributes() {
    return { pull: { default: false } };
  },

  renderHTML({ node, HTMLAttributes }) {
    return [
      "blockquote",
      mergeAttributes(HTMLAttributes, node.attrs.pull ? { "data-block": "pull" } : {}),
      0,
    ];
  },
});

const KINDS = [
  ["quote", "quote"],
  ["pull", "pull quote"],
] as const;

function QuoteTools({ editor }: { editor: Editor }) {
  const pull = useEditorState({
    editor,
    selector: ({ editor: e }) => e.getAttributes("blockquote").pull === true,
  });
  return (
    <>
      <Choice
        label="Kind"
        options={KINDS}
        value={pull ? "pull" : "quote"}
        onChange={(kind) =>
          editor
            .chain()
            .focus()
            .updateAttributes("blockquote", { pull: kind === "pull" })
            .run()
        }
      />
      <Act onClick={() => editor.chain().focus().lift("blockquote").run()}>Back to text</Act>
    </>
  );
}

export const quote: EditorBlock = {
  extensions: [Quote],
  tools: { type: "blockquote", name: "Quote", Tools: QuoteTools },
  inserts: [
    {
      name: "Quote",
      icon: QuoteIcon,
      everyday: true,
      run: (e) => e.chain().focus().toggleBlockquote().run(),
    },
    {
      name: "Pull quote",
      icon: MessageSquareQuote,
      run: (e) =>
        insertBlock(e, { type: "blockquote", attrs: { pull: true }, content: [{ type: "paragraph" }] }),
    },
  ],
};
