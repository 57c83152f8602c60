/** Blocks that are not built as the editor's rules have it: put where they can stand, wrapped or completed, with no letter lost. */
import { type ContentMatch, Fragment, type NodeType } from "@tiptap/pm/model";
import type { EditorNode } from "../../blocks/editorJson";
import { documentSchema } from "../documentRules";

/** Is a block of this kind nothing without what it holds? A block of other blocks is; one of text is an empty line. */
const isNothingWhenEmpty = ({ spec: { group = "", content = "" } }: NodeType): boolean =>
  group.split(" ").includes("block") && content.endsWith("+");

/** A node with content that fits it, and behind it what does not. */
export function repair(node: EditorNode): EditorNode[] {
  if (node.type === "text") return [node];
  const type = documentSchema.nodes[node.type]!;
  const { content: given, ...bare } = node;
  if (type.isLeaf) return [bare, ...(given ?? []).flatMap(repair)];
  const { content, after } = placedIn(type, (given ?? []).flatMap(repair));
  const empty = !content.length || !given?.length;
  if (empty && isNothingWhenEmpty(type)) return after;
  return [{ ...bare, ...(content.length && { content }) }, ...after];
}

/** Puts nodes into a container in their order: wrapped where they need it, completed where something must stand first. */
export function placedIn(
  type: NodeType,
  nodes: readonly EditorNode[],
): { content: EditorNode[]; after: EditorNode[] } {
  const content: EditorNode[] = [];
  const after: EditorNode[] = [];
  let match: ContentMatch = type.contentMatch;
  /** A wrapping made for the node before, which the next of its kind goes into as well. */
  let open: { of: string; into: EditorNode } | null = null;
  for (const given of nodes) {
    const node = allowed(type, given);
    const kind = documentSchema.nodes[node.type]!;
    if (open && open.of === groupOf(kind)) {
      open.into.content!.push(node);
      continue;
    }
    open = null;
    const next = match.matchType(kind);
    if (next) {
      content.push(node);
      match = next;
      continue;
    }
    const wrapping = match.findWrapping(kind);
    if (wrapping?.length) {
      const inner: EditorNode = { type: wrapping.at(-1)!.name, content: [node] };
      const outer = wrapping
        .slice(0, -1)
        .reduceRight<EditorNode>((inside, wrap) => ({ type: wrap.name, content: [inside] }), inner);
      // Wrapped in more than one, it may have to be completed, as a question without its answer.
      const whole = wrapping.length > 1 ? repair(outer)[0]! : outer;
      content.push(whole);
      match = match.matchType(wrapping[0]!)!;
      if (wrapping.length === 1) open = { of: groupOf(kind), into: inner };
      continue;
    }
    const example = kind.createAndFill();
    const first = example && match.fillBefore(Fragment.from(example));
    if (first) {
      content.push(...bareNodes(first), node);
      match = match.matchFragment(first)!.matchType(kind)!;
      continue;
    }
    after.push(node);
  }
  if (!match.validEnd) {
    const last = match.fillBefore(Fragment.empty, true);
    if (last?.size) content.push(...bareNodes(last));
  }
  return { content, after };
}

/** Nodes that complete others, as bare as they would be typed. */
const bareNodes = (nodes: Fragment): EditorNode[] =>
  nodes.content.map((node) => ({
    type: node.type.name,
    ...(node.content.size && { content: bareNodes(node.content) }),
  }));

const groupOf = (kind: NodeType): string => (kind.isInline ? "inline" : kind.name);

/** Without marks that have no place in the container. */
function allowed(type: NodeType, node: EditorNode): EditorNode {
  if (!node.marks) return node;
  const marks = node.marks.filter((mark) => {
    const kind = documentSchema.marks[mark.type];
    return kind !== undefined && documentSchema.nodes[node.type]!.isInline && type.allowsMarkType(kind);
  });
  // Code excludes all others.
  const only = marks.some((mark) => mark.type === "code")
    ? marks.filter((mark) => mark.type === "code")
    : marks;
  if (only.length === node.marks.length) return node;
  const { marks: _marks, ...rest } = node;
  return { ...rest, ...(only.length && type.inlineContent && { marks: only }) };
}
