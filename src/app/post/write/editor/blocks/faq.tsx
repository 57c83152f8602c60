import { type Editor, Node } from "@tiptap/core";
import type { Node as DocNode } from "@tiptap/pm/model";
import { TextSelection } from "@tiptap/pm/state";
import { CircleHelp } from "lucide-react";
import { Act } from "../../toolParts";
import { insertBlock } from "../insertBlock";
import type { EditorBlock } from "./block";

const PAIR = {
  type: "faqPair",
  content: [{ type: "faqQuestion" }, { type: "paragraph" }],
};
const EMPTY_FAQ = { type: "faq", content: [PAIR] };

const isEmpty = (pair: DocNode): boolean => pair.textContent.trim() === "";

/** Questions with their answers, which a page can say in structured data too. */
const Faq = Node.create({
  name: "faq",
  group: "block",
  content: "faqPair+",
  isolating: true,

  renderHTML() {
    return ["section", { "data-block": "faq", "aria-label": "Questions and answers" }, 0];
  },
});

const FaqPair = Node.create({
  name: "faqPair",
  content: "faqQuestion (paragraph | bulletList | orderedList)+",
  defining: true,

  renderHTML() {
    return ["div", { "data-block": "pair" }, 0];
  },

  addKeyboardShortcuts() {
    return {
      // From an answer to the next question.
      "Mod-Enter": ({ editor }) => {
        const { $from } = editor.state.selection;
        const depth = pairDepth($from);
        if (depth === null) return false;
        const after = $from.after(depth);
        return editor
          .chain()
          .insertContentAt(after, PAIR)
          .setTextSelection(after + 2)
          .run();
      },
      // An empty pair goes, as an empty item does; the last one takes its box along.
      Backspace: ({ editor }) => {
        const { $from, empty } = editor.state.selection;
        const depth = pairDepth($from);
        if (!empty || depth === null || !isEmpty($from.node(depth))) return false;
        const whole = $from.node(depth - 1).childCount === 1 ? depth - 1 : depth;
        const range = { from: $from.before(whole), to: $from.after(whole) };
        return editor.chain().deleteRange(range).run();
      },
    };
  },
});

const FaqQuestion = Node.create({
  name: "faqQuestion",
  content: "inline*",
  marks: "bold italic strike code link",
  defining: true,

  renderHTML() {
    return ["h3", 0];
  },

  addKeyboardShortcuts() {
    return {
      // The question is one line: Enter goes to its answer.
      Enter: ({ editor }) => {
        const { $from } = editor.state.selection;
        if ($from.parent.type.name !== this.name) return false;
        return editor.commands.command(({ tr, dispatch }) => {
          dispatch?.(tr.setSelection(TextSelection.near(tr.doc.resolve($from.after() + 1))).scrollIntoView());
          return true;
        });
      },
    };
  },
});

function pairDepth($from: { depth: number; node(depth: number): DocNode }): number | null {
  for (let depth = $from.depth; depth > 0; depth--)
    if ($from.node(depth).type.name === "faqPair") return depth;
  return null;
}

const FaqTools = ({ editor }: { editor: Editor }) => (
  <>
    <Act onClick={() => editor.chain().focus().keyboardShortcut("Mod-Enter").run()}>Add a question</Act>
    <span className="text-ink-2">Ctrl Enter adds one from the keyboard; Backspace removes an empty one.</span>
  </>
);

export const faq: EditorBlock = {
  extensions: [Faq, FaqPair, FaqQuestion],
  tools: { type: "faq", name: "FAQ", Tools: FaqTools },
  inserts: [{ name: "Questions and answers", icon: CircleHelp, run: (e) => insertBlock(e, EMPTY_FAQ) }],
};
