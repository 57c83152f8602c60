import { Extension } from "@tiptap/core";
import type { Node } from "@tiptap/pm/model";
import { Plugin, PluginKey } from "@tiptap/pm/state";
import { nodeRules } from "../../../../core/draft/documentRules";
import { freshId } from "../../../../data/freshId";

/** Nodes that have an id of their own. */
const TYPES = Object.entries(nodeRules)
  .filter(([, { attributes }]) => attributes && "id" in attributes)
  .map(([name]) => name);

/** Whether both have the same ids in the same places, as after a key in a paragraph: looked at by identity, so that a long text costs little. */
function keepsIds(before: Node, after: Node): boolean {
  if (before.childCount !== after.childCount) return false;
  const [old, now] = [before.children, after.children];
  return now.every((node, i) => node === old[i] || (node.attrs.id && node.attrs.id === old[i]!.attrs.id));
}

/** Gives every top-level node an id that stays with it, and a new one to the half that a split or a copy makes. */
export const BlockIds = Extension.create({
  name: "blockIds",

  addGlobalAttributes() {
    return [{ types: TYPES, attributes: { id: { default: null, rendered: false, keepOnSplit: false } } }];
  },

  addProseMirrorPlugins() {
    // Documents that were looked through whole, or follow from one: another may come in with ids missing or twice.
    const settled = new WeakSet<Node>();
    return [
      new Plugin({
        key: new PluginKey("blockIds"),
        appendTransaction(transactions, before, { doc, tr }) {
          if (!transactions.some((transaction) => transaction.docChanged)) return null;
          if (settled.has(before.doc) && keepsIds(before.doc, doc)) {
            settled.add(doc);
            return null;
          }
          const seen = new Set<string>();
          doc.forEach((node, pos) => {
            const id = node.attrs.id as string | null;
            if (id && !seen.has(id)) seen.add(id);
            else if ("id" in node.attrs) tr.setNodeAttribute(pos, "id", freshId());
          });
          if (!tr.docChanged) settled.add(doc);
          return tr.docChanged ? tr.setMeta("addToHistory", false) : null;
        },
      }),
    ];
  },
});
