/** What comes in from files must not act when it goes out again: addresses that run something are taken out. */
import type { EditorDoc, EditorNode } from "./editorJson";

/** Schemes are compared as a browser reads them: without control characters and blanks, in any case. */
// biome-ignore lint/suspicious/noControlCharactersInRegex: browsers drop these inside addresses, and so do attacks
const bare = (address: unknown): string => String(address ?? "").replace(/[\u0000-\u0020\u007f-\u009f]/g, "");
const ACTS = /^(javascript|vbscript|data|blob|file|filesystem|view-source):/i;
const LOADABLE = /^https?:\/\//i;
const PICTURE_DATA = /^data:image\/(png|jpeg|gif|webp|avif)[;,]/i;

export interface SafeDoc {
  doc: EditorDoc;
  /** How many addresses were taken out. */
  removed: number;
}

/**
 * Takes out of a document every address that could act: links that run scripts or open data become plain text, embeds of
 * anything but http and https go, and pictures keep only addresses of pictures.
 *
 * @returns a new document; the text is the same to the last letter
 */
export function safeDoc(doc: EditorDoc): SafeDoc {
  let removed = 0;
  const content = doc.content.flatMap(clean);
  return { doc: { ...doc, content: content.length ? content : [{ type: "paragraph" }] }, removed };

  function clean(node: EditorNode): EditorNode[] {
    if (node.type === "embed" && !LOADABLE.test(bare(node.attrs?.href))) {
      removed++;
      return [];
    }
    const out: EditorNode = { ...node };
    if (node.marks) {
      out.marks = node.marks.filter(({ type, attrs }) => type !== "link" || !ACTS.test(bare(attrs?.href)));
      removed += node.marks.length - out.marks.length;
    }
    if (node.type === "embed") out.attrs = loadable(node.attrs ?? {}, "poster");
    if (node.type === "picture") out.attrs = pictureAttributes(node.attrs ?? {});
    if (node.type === "button" && ACTS.test(bare(node.attrs?.href))) {
      out.attrs = { ...node.attrs, href: "" };
      removed++;
    }
    if (node.content) out.content = node.content.flatMap(clean);
    return [out];
  }

  /** The address of a picture may be that of one, or its data. */
  function loadable(attrs: Record<string, unknown>, name: string): Record<string, unknown> {
    if (!ACTS.test(bare(attrs[name])) || PICTURE_DATA.test(bare(attrs[name]))) return { ...attrs };
    removed++;
    return { ...attrs, [name]: "" };
  }

  function pictureAttributes(attrs: Record<string, unknown>): Record<string, unknown> {
    const kept = loadable(attrs, "src");
    if (ACTS.test(bare(attrs.href))) {
      kept.href = null;
      removed++;
    }
    return kept;
  }
}
