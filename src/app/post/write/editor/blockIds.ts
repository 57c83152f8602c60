import { Extension } from "@tiptap/core";
import { Plugin, PluginKey } from "@tiptap/pm/state";
import { freshId } from "../../../freshId";

const TYPES = [
  "paragraph",
  "heading",
  "bulletList",
  "orderedList",
  "blockquote",
  "codeBlock",
  "horizontalRule",
  "picture",
  "table",
  "embed",
  "button",
  "note",
  "faq",
  "gallery",
  "contents",
];

/** Gives every top-level node an id that stays with it, and a new one to the half that a split or a copy makes. */
export const BlockIds = Extension.create({
  name: "blockIds",

  addGlobalAttributes() {
    return [{ types: TYPES, attributes: { id: { default: null, rendered: false, keepOnSplit: false } } }];
  },

  addProseMirrorPlugins() {
    return [
      new Plugin({
        key: new PluginKey("blockIds"),
        appendTransaction(transactions, _before, { doc, tr }) {
          if (!transactions.some((transaction) => transaction.docChanged)) return null;
          const seen = new Set<string>();
          doc.forEach((node, pos) => {
            const id = node.attrs.id as string | null;
            if (id && !seen.has(id)) seen.add(id);
            else if ("id" in node.attrs) tr.setNodeAttribute(pos, "id", freshId());
          });
          return tr.docChanged ? tr.setMeta("addToHistory", false) : null;
        },
      }),
    ];
  },
});
