/** Parts of an answer as nodes of the editor: plain text always, whatever stands in it. */
import type { BarePart } from "../../core/apprentice/form";
import type { EditorNode } from "../../core/blocks/editorJson";

const text = (words: string): EditorNode[] => (words ? [{ type: "text", text: words }] : []);

export function nodesOf(parts: readonly BarePart[]): EditorNode[] {
  const nodes: EditorNode[] = [];
  const paragraphs: { field: string; words: string[] }[] = [];
  for (const { field, text: words } of parts) {
    const last = paragraphs.at(-1);
    if (field === "sentence" && last?.field === "paragraph") last.words.push(words);
    else if ((field === "item" || field === "entry") && last?.field === "item") last.words.push(words);
    else
      paragraphs.push({
        field: field === "entry" ? "item" : field === "sentence" ? "paragraph" : field,
        words: [words],
      });
  }
  for (const { field, words } of paragraphs) {
    if (field === "item")
      nodes.push({
        type: "bulletList",
        content: words.map((one) => ({
          type: "listItem",
          content: [{ type: "paragraph", content: text(one) }],
        })),
      });
    else if (field === "heading" || field === "heading2" || field === "heading3")
      nodes.push({
        type: "heading",
        attrs: { level: field === "heading2" ? 2 : 3 },
        content: text(words.join(" ")),
      });
    else nodes.push({ type: "paragraph", content: text(words.join(" ")) });
  }
  return nodes;
}

/** Texts of blocks that parts become: what is marked "to review" until somebody has looked at it. */
export const blockTextsOf = (parts: readonly BarePart[]): string[] => nodesOf(parts).flatMap(textsIn);

function textsIn({ type, text: words, content = [] }: EditorNode): string[] {
  if (type === "text") return words ? [words] : [];
  if (type === "paragraph" || type === "heading")
    return [content.map(({ text: one = "" }) => one).join("")].filter(Boolean);
  return content.flatMap(textsIn);
}
