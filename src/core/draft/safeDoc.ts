/** What comes in from files must not act when it goes out again: addresses that are not on the list are taken out. */

import type { EditorDoc, EditorNode } from "../blocks/editorJson";
import { mayPass } from "../safety/addresses";

export interface SafeDoc {
  doc: EditorDoc;
  /** How many addresses were taken out. */
  removed: number;
}

/**
 * Takes out of a document every address that may not pass: such links become plain text, embeds of anything but https go, and
 * pictures keep only addresses of pictures.
 *
 * @returns a new document; the text is the same to the last letter
 */
export function safeDoc(doc: EditorDoc): SafeDoc {
  let removed = 0;
  const content = doc.content.flatMap(clean);
  return { doc: { ...doc, content: content.length ? content : [{ type: "paragraph" }] }, removed };

  function clean(node: EditorNode): EditorNode[] {
    if (node.type === "embed" && !mayPass(node.attrs?.href, "embed")) {
      removed++;
      return [];
    }
    const out: EditorNode = { ...node };
    if (node.marks) {
      out.marks = node.marks.filter(({ type, attrs }) => type !== "link" || mayPass(attrs?.href, "link"));
      removed += node.marks.length - out.marks.length;
    }
    if (node.type === "embed") out.attrs = loadable(node.attrs ?? {}, "poster");
    if (node.type === "picture") out.attrs = pictureAttributes(node.attrs ?? {});
    if (node.type === "button" && !mayPass(node.attrs?.href, "link")) {
      out.attrs = { ...node.attrs, href: "" };
      removed++;
    }
    if (node.content) out.content = node.content.flatMap(clean);
    return [out];
  }

  /** The address of a picture may be that of one, or its data. */
  function loadable(attrs: Record<string, unknown>, name: string): Record<string, unknown> {
    if (mayPass(attrs[name], "picture")) return { ...attrs };
    removed++;
    return { ...attrs, [name]: "" };
  }

  function pictureAttributes(attrs: Record<string, unknown>): Record<string, unknown> {
    const kept = loadable(attrs, "src");
    if (!mayPass(attrs.href, "link")) {
      kept.href = null;
      removed++;
    }
    return kept;
  }
}
