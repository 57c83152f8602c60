/**
 * What a document may hold, as data: the same nodes, nesting and attributes as the editor's schema, which a test holds. So that a
 * document can be checked where there is no editor: in a worker, before it is kept, and before it is opened.
 */
import { Schema } from "@tiptap/pm/model";
import { GALLERY_LAYOUTS, PICTURE_SIDES } from "./draft";

interface AttributeRule {
  default: unknown;
  /** Whether a value is one that the application can work with. */
  holds: (value: unknown) => boolean;
}

export interface NodeRule {
  /** Content and group as ProseMirror writes them. */
  content?: string;
  group?: string;
  marks?: string;
  inline?: true;
  atom?: true;
  attributes?: Record<string, AttributeRule>;
}

/** Longer texts in attributes are no address, name or description. */
const LONGEST_ATTRIBUTE = 100_000;
/** Cells that span more would take the sheet minutes to lay out. */
export const MOST_COLUMNS = 100;
const MOST_ROWS = 1000;

const text = (initial = ""): AttributeRule => ({
  default: initial,
  holds: (value) => typeof value === "string" && value.length <= LONGEST_ATTRIBUTE,
});
const textOrNull: AttributeRule = { default: null, holds: (value) => value === null || text().holds(value) };
const flag: AttributeRule = { default: false, holds: (value) => typeof value === "boolean" };
const size: AttributeRule = {
  default: null,
  holds: (value) => value === null || (typeof value === "number" && value >= 0 && Number.isFinite(value)),
};
const whole = (initial: number, least: number, most: number): AttributeRule => ({
  default: initial,
  holds: (value) => Number.isInteger(value) && (value as number) >= least && (value as number) <= most,
});
const oneOf = (values: readonly string[], initial: string): AttributeRule => ({
  default: initial,
  holds: (value) => values.includes(value as string),
});
/** Kept by the editor and used by nobody here. */
const anything: AttributeRule = { default: null, holds: (value) => JSON.stringify(value).length < 1000 };

const id = textOrNull;
const LINES = "(paragraph | bulletList | orderedList)";
const cell: NodeRule = {
  content: "paragraph+",
  attributes: {
    colspan: whole(1, 1, MOST_COLUMNS),
    rowspan: whole(1, 1, MOST_ROWS),
    colwidth: anything,
    align: anything,
  },
};

/** A block that came from a newer version or another program, kept as it came. */
export const KEPT = "unknown";

export const nodeRules: Record<string, NodeRule> = {
  doc: { content: "block+" },
  paragraph: { content: "inline*", group: "block", attributes: { id } },
  heading: { content: "inline*", group: "block", attributes: { id, level: whole(1, 1, 6) } },
  bulletList: { content: "listItem+", group: "block list", attributes: { id } },
  orderedList: {
    content: "listItem+",
    group: "block list",
    attributes: { id, start: whole(1, 0, 1_000_000), type: anything },
  },
  listItem: { content: `paragraph ${LINES}*` },
  blockquote: { content: `${LINES}+`, group: "block", attributes: { id, pull: flag } },
  note: { content: `${LINES}+`, group: "block", attributes: { id } },
  codeBlock: { content: "text*", group: "block", marks: "", attributes: { id, language: textOrNull } },
  horizontalRule: { group: "block", attributes: { id } },
  picture: {
    content: "text*",
    group: "block",
    attributes: {
      id,
      src: text(),
      fileName: text(),
      alt: text(),
      decorative: flag,
      bytes: size,
      width: size,
      height: size,
      side: oneOf(PICTURE_SIDES, "line"),
      focus: textOrNull,
      href: textOrNull,
    },
  },
  gallery: { content: "picture+", group: "block", attributes: { id, layout: oneOf(GALLERY_LAYOUTS, "row") } },
  embed: { group: "block", atom: true, attributes: { id, href: text(), label: text(), poster: text() } },
  button: { content: "text*", group: "block", attributes: { id, href: text() } },
  faq: { content: "faqPair+", group: "block", attributes: { id } },
  faqPair: { content: `faqQuestion ${LINES}+` },
  faqQuestion: { content: "inline*", marks: "bold italic strike code link" },
  contents: { group: "block", atom: true, attributes: { id } },
  table: { content: "tableRow+", group: "block", attributes: { id } },
  tableRow: { content: "(tableCell | tableHeader)*" },
  tableCell: cell,
  tableHeader: cell,
  [KEPT]: { group: "block", atom: true, attributes: { id, json: text() } },
  hardBreak: { group: "inline", inline: true },
  text: { group: "inline" },
};

export const markRules: Record<string, { attributes?: Record<string, AttributeRule>; excludes?: string }> = {
  link: {
    attributes: { href: textOrNull, target: anything, rel: textOrNull, class: anything, title: textOrNull },
  },
  bold: {},
  code: { excludes: "_" },
  italic: {},
  strike: {},
};

const defaults = (attributes: Record<string, AttributeRule> = {}) =>
  Object.fromEntries(Object.entries(attributes).map(([name, rule]) => [name, { default: rule.default }]));

/** The rules as a schema that can check and complete content. */
export const documentSchema: Schema = new Schema({
  nodes: Object.fromEntries(
    Object.entries(nodeRules).map(([name, { attributes, ...rule }]) => [
      name,
      { ...rule, attrs: defaults(attributes) },
    ]),
  ),
  marks: Object.fromEntries(
    Object.entries(markRules).map(([name, { attributes, ...rule }]) => [
      name,
      { ...rule, attrs: defaults(attributes) },
    ]),
  ),
});
