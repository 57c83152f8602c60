import { h } from "hastscript";
import type { Static } from "../../declare";
import * as is from "../../declare";
import type { EditorNode } from "../editorJson";
import { defineBlock, type EditorBuilder, type HtmlHandler, type Item, numberOf } from "../kind";
import { anything, id, LINES, whole } from "../rules";
import { containerShape } from "../shape";
import { TEXT_ONLY } from "../textOnly";

const listShape = containerShape("list", { ordered: is.flag(), start: is.number() });
export type List = Static<typeof listShape>;
const itemShape = containerShape("item", {});
export type ListItem = Static<typeof itemShape>;

const read: HtmlHandler = (node, place, reader) => {
  reader.flush(place);
  reader.keepId(node);
  const start = Number(node.properties.start ?? 1);
  const container: List = {
    type: "list",
    id: reader.fresh("l"),
    ordered: node.tagName === "ol",
    start: Number.isSafeInteger(start) ? start : 1,
  };
  for (const child of node.children) {
    if (child.type !== "element") continue;
    const item: ListItem = { type: "item", id: reader.fresh("i") };
    const inner = { ...place, within: [...place.within, container, item] };
    if (child.tagName === "li") reader.block(child, inner);
    // Lists directly in lists are invalid and common; they hang on the item before, or on one of their own.
    else reader.visit(child, inner);
  }
  reader.flush(place);
};

export const list = defineBlock<never, List | ListItem>({
  containers: [listShape, itemShape],
  htmlAllowed: { attributes: { ol: ["start"] } },
  nodes: {
    bulletList: { content: "listItem+", group: "block list", attributes: { id } },
    orderedList: {
      content: "listItem+",
      group: "block list",
      attributes: { id, start: whole(1, 0, 1_000_000), type: anything },
    },
    listItem: { content: `paragraph ${LINES}*` },
  },
  fromEditor: {
    bulletList({ key, inside }) {
      const container: List = { type: "list", id: `${key}l`, ordered: false, start: 1 };
      inside(container);
    },
    orderedList({ key, attrs, inside }) {
      const container: List = {
        type: "list",
        id: `${key}l`,
        ordered: true,
        start: numberOf(attrs.start) ?? 1,
      };
      inside(container);
    },
    listItem: ({ key, inside }) => inside({ type: "item", id: `${key}i` }),
  },
  groupToEditor: { list: nodesOf },
  fromHtml: {
    ul: read,
    ol: read,
    menu: read,
    li: (node, place, reader) =>
      read({ ...node, tagName: "ul", properties: {}, children: [node] }, place, reader),
  },
  wrapHtml: {
    list: ({ ordered, start }) => h(ordered ? "ol" : "ul", ordered && start !== 1 ? { start } : {}),
    item: (_container) => h("li"),
  },
});

function nodesOf(of: List, items: readonly Item[], { build, grouped, inner }: EditorBuilder): EditorNode[] {
  const out: EditorNode[] = [];
  /** The items of which each node of the editor was made. */
  const groupOf = new Map<EditorNode, Item[]>();
  const fresh = (): EditorNode =>
    of.ordered
      ? { type: "orderedList", attrs: { start: of.start + count(out) }, content: [] }
      : { type: "bulletList", content: [] };
  for (const group of grouped(inner(items))) {
    for (const node of build(inner(group))) {
      const last = out.at(-1);
      const open = last?.type === "bulletList" || last?.type === "orderedList" ? last : null;
      if (!TEXT_ONLY.has(node.type)) {
        out.push(node);
        continue;
      }
      const target = open ?? fresh();
      if (!open) out.push(target);
      const item = target.content!.at(-1);
      if (item && groupOf.get(item) === group) item.content!.push(node);
      else {
        // An item begins with a paragraph in the editor's schema.
        const fresh: EditorNode = {
          type: "listItem",
          content: node.type === "paragraph" ? [node] : [{ type: "paragraph" }, node],
        };
        groupOf.set(fresh, group);
        target.content!.push(fresh);
      }
    }
  }
  return out;
}

const count = (nodes: readonly EditorNode[]): number =>
  nodes.reduce((sum, node) => sum + (node.type === "orderedList" ? (node.content?.length ?? 0) : 0), 0);
