/** Signs that text was pasted as it came: what cleaning would have put right. */
import type { EditorDoc, EditorNode } from "../blocks/editorJson";
import { blocksFromEditor } from "../draft/fromEditor";
import { blocksToEditor } from "../draft/toEditor";
import { MemoBy } from "../memo";

const MARKER = /^\s*(?:[•·▪◦‣–—*]|o(?=\s{2})|-(?=\s)|\d{1,2}[.)](?=\s))\s*/;

/** How often each sign stands in a node. */
type Signs = Record<"blanks" | "breaks" | "markers" | "tags", number>;

/** Nodes never change in place: of a long document, most were looked through before. */
const looked = new MemoBy<EditorNode, Signs>();

/** What is raw in a document, in words; empty where nothing is. */
export function rawPasteSigns(doc: EditorDoc): string[] {
  const signs: Signs = { blanks: 0, breaks: 0, markers: 0, tags: 0 };
  let empty = 0;
  const last = doc.content.length - 1;
  doc.content.forEach((node, i) => {
    // One empty line at the end is where the cursor waits; more, or between paragraphs, is spacing by hand.
    if (node.type === "paragraph" && !node.content?.length && i < last && isBlank(doc.content[i + 1]))
      empty++;
    const here = signsIn(node);
    for (const sign of Object.keys(here) as (keyof Signs)[]) signs[sign] += here[sign];
  });
  return [
    empty && `${empty} empty paragraphs in a row`,
    signs.blanks && `${signs.blanks} runs of doubled blanks`,
    signs.breaks && `${signs.breaks} doubled line breaks`,
    signs.markers && `${signs.markers} list markers typed as text`,
    signs.tags && `${signs.tags} HTML tags or entities as text`,
  ].filter((sign): sign is string => typeof sign === "string");
}

const signsIn = (top: EditorNode): Signs =>
  looked.get(top, [], () => {
    const signs: Signs = { blanks: 0, breaks: 0, markers: 0, tags: 0 };
    noteSigns(top, signs);
    return signs;
  });

function noteSigns(node: EditorNode, signs: Signs): void {
  if (node.type === "codeBlock") return;
  const content = node.content ?? [];
  if (node.type === "paragraph") {
    const text = content.map((child) => child.text ?? "\n").join("");
    if (MARKER.test(text) && text.trim().length > 2) signs.markers++;
    if (/[ \u00a0]{2,}|\u00a0 ?\u00a0/.test(text)) signs.blanks++;
    if (/<\/?(?:p|div|span|br|b|i|strong|em|a|h[1-6]|ul|li)\b[^>]*>|&(?:nbsp|amp|quot|lt|gt);/i.test(text))
      signs.tags++;
  }
  content.forEach((child, i) => {
    if (child.type === "hardBreak" && content[i + 1]?.type === "hardBreak") signs.breaks++;
    noteSigns(child, signs);
  });
}

const isBlank = (node: EditorNode | undefined) => node?.type === "paragraph" && !node.content?.length;

/** Puts right what can be: empty paragraphs and doubled blanks go, typed markers become lists, doubled breaks part paragraphs. */
export function cleanDocument(doc: EditorDoc): EditorDoc {
  const parted = doc.content.flatMap(partParagraph);
  const out: EditorNode[] = [];
  for (const node of parted) {
    const text = node.content?.[0]?.text ?? "";
    const marker = node.type === "paragraph" ? MARKER.exec(text) : null;
    if (!marker) {
      out.push(node);
      continue;
    }
    const type = /\d/.test(marker[0]) ? "orderedList" : "bulletList";
    const [first, ...rest] = node.content!;
    const cut = text.slice(marker[0].length);
    const item = {
      type: "listItem",
      content: [{ type: "paragraph", content: cut ? [{ ...first!, text: cut }, ...rest] : rest }],
    };
    const open = out.at(-1);
    if (open?.type === type) open.content!.push(item);
    else out.push({ type, content: [item] });
  }
  return blocksToEditor(blocksFromEditor({ type: "doc", content: out.map(withoutEntities) }));
}

function partParagraph(node: EditorNode): EditorNode[] {
  if (node.type !== "paragraph") return [node];
  const parts: EditorNode[][] = [[]];
  const content = node.content ?? [];
  for (let i = 0; i < content.length; i++) {
    if (content[i]!.type === "hardBreak" && content[i + 1]?.type === "hardBreak") {
      while (content[i + 1]?.type === "hardBreak") i++;
      parts.push([]);
    } else parts.at(-1)!.push(content[i]!);
  }
  return parts.filter((part) => part.length).map((part) => ({ ...node, content: part }));
}

const ENTITIES: Record<string, string> = {
  "&nbsp;": " ",
  "&amp;": "&",
  "&quot;": '"',
  "&lt;": "<",
  "&gt;": ">",
};

function withoutEntities(node: EditorNode): EditorNode {
  if (node.type === "codeBlock") return node;
  if (node.text !== undefined) {
    const text = node.text
      .replace(/\u00a0/g, " ")
      .replace(/<\/?(?:p|div|span|br|b|i|strong|em|a|h[1-6]|ul|li)\b[^>]*>/gi, " ")
      .replace(/&(?:nbsp|amp|quot|lt|gt);/gi, (entity) => ENTITIES[entity.toLowerCase()] ?? entity);
    return { ...node, text };
  }
  return node.content ? { ...node, content: node.content.map(withoutEntities) } : node;
}
