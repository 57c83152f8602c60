/** Cleaning what is pasted: from word processors, web pages, mail, spreadsheets, to plain, well-formed blocks. */
import type { Element, Root } from "hast";
import { SKIP, visit } from "unist-util-visit";
import { visitParents } from "unist-util-visit-parents";
import type { EditorDoc } from "../blocks/editorJson";
import { blocksFromHast } from "../draft/fromHast";
import { parseHtml } from "../draft/fromHtml";
import { safeDoc } from "../draft/safeDoc";
import { blocksToEditor } from "../draft/toEditor";
import { FAKED, markFakedHeadings } from "./fakedHeadings";
import { sanitizeTree } from "./sanitize";
import { doubleBreaks } from "./steps/doubleBreaks";
import { officeLists } from "./steps/officeLists";
import { withRightSigns } from "./steps/punctuation";
import { styleToMarks } from "./steps/styles";
import { dropTrackers } from "./steps/trackers";
import { typedLists } from "./steps/typedLists";

export interface Pasted {
  doc: EditorDoc;
  /** The same with headings where lines only look like them; null where none does. */
  withHeadings: EditorDoc | null;
  /** How many lines look like headings. */
  headings: number;
  /** The same as it came, sanitised and nothing else; null where cleaning changed nothing that matters. */
  asItIs: EditorDoc | null;
  /** What was put right, in words. */
  putRight: string[];
}

/**
 * Cleans pasted HTML.
 *
 * Headings, lists, links, emphasis and tables stay; fonts, colours, empty paragraphs, doubled blanks and no-break spaces go;
 * quotes and dashes whose bytes were misread come back; two line breaks become two paragraphs; list markers that a word processor or a person typed become lists; addresses
 * lose what only tracks.
 *
 * @param html the clipboard's HTML, trusted in nothing
 */
export function pasteHtml(html: string): Pasted {
  const tree = parseHtml(html);
  dropComments(tree);
  const asItIs = docOf(structuredClone(tree));
  const counts = { empty: 0, blanks: 0 };
  visit(tree, "element", (node) => {
    if (isEmptyLine(node)) counts.empty++;
  });
  styleToMarks(tree);
  officeLists(tree);
  doubleBreaks(tree);
  const lists = typedLists(tree);
  const trackers = dropTrackers(tree);
  let signs = 0;
  visitParents(tree, "text", (node, ancestors) => {
    if (!ancestors.some((one) => one.type === "element" && /^(?:code|pre|kbd|samp)$/.test(one.tagName))) {
      const right = withRightSigns(node.value);
      if (right !== node.value) signs++;
      node.value = right;
    }
    if (/\S[ \u00a0]*\u00a0[ \u00a0]*\S|\S {2,}\S/.test(node.value)) counts.blanks++;
    node.value = node.value.replace(/\u00a0/g, " ");
  });
  const headings = markFakedHeadings(tree);
  const doc = docOf(structuredClone(tree));
  const said = [
    told(counts.empty, "empty line", "removed"),
    told(
      counts.blanks,
      "place with doubled or hard blanks",
      "corrected",
      "places with doubled or hard blanks",
    ),
    told(signs, "place with broken quotes or dashes", "corrected", "places with broken quotes or dashes"),
    told(lists, "typed list", "turned into a list", "typed lists"),
    told(trackers, "link", "stripped of trackers"),
  ].filter(Boolean);
  const changed = JSON.stringify(doc) !== JSON.stringify(asItIs);
  return {
    doc,
    withHeadings: headings ? docOf(asHeadings(tree)) : null,
    headings,
    asItIs: changed ? asItIs : null,
    putRight: said,
  };
}

function told(n: number, what: string, done: string, many = `${what}s`): string {
  return n ? `${n} ${n === 1 ? what : many} ${done}` : "";
}

const docOf = (tree: Root): EditorDoc => safeDoc(blocksToEditor(blocksFromHast(sanitizeTree(tree)))).doc;

function dropComments(tree: Root): void {
  visit(tree, "comment", (_node, index, parent) => {
    parent?.children.splice(index!, 1);
    return [SKIP, index!];
  });
}

function isEmptyLine(node: Element): boolean {
  if (node.tagName !== "p" && node.tagName !== "div") return false;
  const blank = (one: Element["children"][number]): boolean =>
    one.type === "text"
      ? !one.value.replace(/\u00a0/g, " ").trim()
      : one.type !== "element" ||
        one.tagName === "br" ||
        (/^(?:span|font|b|i|o:p)$/.test(one.tagName) && one.children.every(blank));
  return node.children.every(blank);
}

/** The first large or bold line may be the post's title; the others are sections of it. */
function asHeadings(tree: Root): Root {
  visit(tree, "element", (node) => {
    if (node.properties[FAKED] === undefined) return;
    node.tagName = "h2";
    visit(node, "element", (inner, index, parent) => {
      if (!/^(?:b|strong)$/.test(inner.tagName)) return;
      parent!.children.splice(index!, 1, ...inner.children);
      return [SKIP, index!];
    });
  });
  return tree;
}
