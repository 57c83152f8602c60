/** What comes in from files must not act when it goes out again: addresses that are not on the list are taken out. */

import { byName } from "../blocks/byName";
import type { EditorDoc, EditorNode } from "../blocks/editorJson";
import { mayPass } from "../safety/addresses";

export interface SafeDoc {
  doc: EditorDoc;
  /** How many addresses were taken out. */
  removed: number;
}

const ADDRESSES = byName(({ addresses }) => addresses);
const RULES = byName(({ nodes }) => nodes);

/**
 * Takes out of a document every address that may not pass: such links become plain text, pictures and files keep only addresses of such, and
 * what is nothing without its address goes.
 *
 * @returns a new document; the text is the same to the last letter
 */
export function safeDoc(doc: EditorDoc): SafeDoc {
  let removed = 0;
  const content = doc.content.flatMap(clean);
  return { doc: { ...doc, content: content.length ? content : [{ type: "paragraph" }] }, removed };

  function clean(node: EditorNode): EditorNode[] {
    const out: EditorNode = { ...node };
    for (const [name, address] of Object.entries(ADDRESSES[node.type] ?? {})) {
      const { use, needed } = typeof address === "string" ? { use: address, needed: false } : address;
      if (mayPass(node.attrs?.[name], use)) continue;
      removed++;
      if (needed) return [];
      const rule = RULES[node.type]?.attributes?.[name];
      out.attrs = { ...out.attrs, [name]: rule ? rule.default : "" };
    }
    if (node.marks) {
      out.marks = node.marks.filter(({ type, attrs }) => type !== "link" || mayPass(attrs?.href, "link"));
      removed += node.marks.length - out.marks.length;
    }
    if (node.content) out.content = node.content.flatMap(clean);
    return [out];
  }
}
