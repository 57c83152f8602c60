import type { Element, ElementContent, Properties } from "hast";
import { h } from "hastscript";
import type { Static } from "../../declare";
import * as is from "../../declare";
import type { EditorNode } from "../editorJson";
import {
  defineBlock,
  type EditorBuilder,
  type EditorReader,
  type HtmlHandler,
  type HtmlPlace,
  type HtmlReader,
  type Item,
  isElement,
  numberOf,
} from "../kind";
import { anything, id, MOST_COLUMNS, MOST_ROWS, type NodeRule, whole } from "../rules";
import { type ContainerBase, containerShape } from "../shape";

const tableShape = containerShape("table", {});
export type Table = Static<typeof tableShape>;
const rowShape = containerShape("row", {});
export type TableRow = Static<typeof rowShape>;
const cellShape = containerShape("cell", { header: is.flag(), colspan: is.number(), rowspan: is.number() });
export type TableCell = Static<typeof cellShape>;

const isCell = (container: ContainerBase | undefined): container is TableCell => container?.type === "cell";

const cell: NodeRule = {
  content: "paragraph+",
  attributes: {
    colspan: whole(1, 1, MOST_COLUMNS),
    rowspan: whole(1, 1, MOST_ROWS),
    colwidth: anything,
    align: anything,
  },
};

const readCell =
  (header: boolean) =>
  ({ key, attrs, inside }: EditorReader): void => {
    const container: TableCell = {
      type: "cell",
      id: `${key}c`,
      header,
      colspan: numberOf(attrs.colspan) ?? 1,
      rowspan: numberOf(attrs.rowspan) ?? 1,
    };
    inside(container);
  };

const read: HtmlHandler = (node, place, reader) => {
  reader.flush(place);
  reader.keepId(node);
  const within = [...place.within, { type: "table", id: reader.fresh("t") }];
  const rows = (parent: Element): void => {
    for (const child of parent.children) {
      if (child.type !== "element") continue;
      if (child.tagName === "caption") reader.block(child, place);
      else if (/^(thead|tbody|tfoot)$/.test(child.tagName)) rows(child);
      else if (child.tagName === "tr") readRow(child, { ...place, within }, reader);
    }
  };
  rows(node);
  reader.flush(place);
};

function readRow(node: Element, place: HtmlPlace, reader: HtmlReader): void {
  const row: TableRow = { type: "row", id: reader.fresh("r") };
  for (const child of node.children) {
    if (!isElement(child, "td") && !isElement(child, "th")) continue;
    const own: TableCell = {
      type: "cell",
      id: reader.fresh("c"),
      header: child.tagName === "th",
      colspan: span(child.properties.colSpan),
      rowspan: span(child.properties.rowSpan),
    };
    const inner = { ...place, within: [...place.within, row, own] };
    const before = reader.blocks.length;
    reader.block(child, inner);
    // An empty cell holds its column open.
    if (reader.blocks.length === before)
      reader.push({ kind: "cell", text: "", runs: [], within: inner.within });
  }
}

function span(value: unknown): number {
  const n = Number(value ?? 1);
  return Number.isSafeInteger(n) && n >= 1 && n <= 1000 ? n : 1;
}

export const table = defineBlock<never, Table | TableRow | TableCell>({
  containers: [tableShape, rowShape, cellShape],
  htmlAllowed: { attributes: { td: ["colSpan", "rowSpan"], th: ["colSpan", "rowSpan"] } },
  pageStyle:
    "\ntable{border-collapse:collapse}th,td{border:1px solid #d3dad8;padding:.35rem .6rem;text-align:start}",
  nodes: {
    table: { content: "tableRow+", group: "block", attributes: { id } },
    tableRow: { content: "(tableCell | tableHeader)*" },
    tableCell: cell,
    tableHeader: cell,
  },
  fromEditor: {
    table: ({ key, inside }) => inside({ type: "table", id: `${key}t` }),
    tableRow: ({ key, inside }) => inside({ type: "row", id: `${key}r` }),
    tableCell: readCell(false),
    tableHeader: readCell(true),
  },
  groupToEditor: { table: nodesOf },
  fromHtml: { table: read },
  wrapHtml: {
    table: (_container) => h("table"),
    row: (_container) => h("tr"),
    cell({ header, colspan, rowspan }) {
      const properties: Properties = {};
      if (colspan > 1) properties.colSpan = colspan;
      if (rowspan > 1) properties.rowSpan = rowspan;
      return h(header ? "th" : "td", properties);
    },
  },
  toMarkdown: {
    table: (state, node, { html, usual }) => (isPlainTable(node) ? usual(state, node) : html(node)),
  },
});

function nodesOf(
  _table: Table,
  items: readonly Item[],
  { build, grouped, inner }: EditorBuilder,
): EditorNode[] {
  const after: EditorNode[] = [];
  const rows = grouped(inner(items)).map((row): EditorNode => {
    const cells = grouped(inner(row)).map((group): EditorNode => {
      const own = group[0]!.within[0];
      const content = build(inner(group));
      const kept = content.filter((node) => node.type === "paragraph");
      // Only lines of text stand in a cell; lists there become lines, pictures follow the table.
      for (const node of content) {
        if (node.type === "bulletList" || node.type === "orderedList") kept.push(...paragraphsIn(node));
        else if (node.type !== "paragraph") after.push(node);
      }
      const { colspan, rowspan, header } = isCell(own) ? own : { colspan: 1, rowspan: 1, header: false };
      return {
        type: header ? "tableHeader" : "tableCell",
        attrs: { colspan, rowspan },
        content: kept.length ? kept : [{ type: "paragraph" }],
      };
    });
    return { type: "tableRow", content: cells };
  });
  return [{ type: "table", content: rows }, ...after];
}

const paragraphsIn = (node: EditorNode): EditorNode[] =>
  node.type === "paragraph" ? [node] : (node.content ?? []).flatMap(paragraphsIn);

/** GFM tables have one header row, no spans, and nothing but a line of text in a cell. */
function isPlainTable(node: Element): boolean {
  const [head, ...rest] = node.children as Element[];
  if (head?.tagName !== "thead" || rest.length > 1) return false;
  const rows = [head, ...rest].flatMap((section) => section.children as Element[]);
  return rows.every((row, i) =>
    row.children.every(
      (one) =>
        one.type === "element" &&
        (one.tagName === "th") === (i === 0) &&
        !one.properties.colSpan &&
        !one.properties.rowSpan &&
        one.children.every(isLine),
    ),
  );
}

function isLine(node: ElementContent): boolean {
  if (node.type !== "element") return true;
  return (
    !/^(p|ul|ol|br|figure|pre|h[1-6]|blockquote|table|hr|iframe)$/.test(node.tagName) &&
    node.children.every(isLine)
  );
}
