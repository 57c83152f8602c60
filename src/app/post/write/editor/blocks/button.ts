import { Node } from "@tiptap/core";

/** A link that stands alone and asks to be followed; its text is edited in place, its address above the sheet. */
export const ButtonBlock = Node.create({
  name: "button",
  group: "block",
  content: "text*",
  defining: true,
  isolating: true,

  addAttributes() {
    return { href: { default: "" } };
  },

  renderHTML({ node }) {
    return ["p", { "data-block": "button" }, ["a", { href: String(node.attrs.href) || undefined }, 0]];
  },

  addKeyboardShortcuts() {
    return {
      // Enter goes on below the button.
      Enter: ({ editor }) => {
        const { $from } = editor.state.selection;
        if ($from.parent.type.name !== this.name) return false;
        return editor
          .chain()
          .insertContentAt($from.after(), { type: "paragraph" })
          .setTextSelection($from.after() + 1)
          .run();
      },
    };
  },
});
