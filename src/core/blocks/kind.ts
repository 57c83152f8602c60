/**
 * A kind of block, whole: its shape, its nodes in the editor, and how it is read and written in every form. One file a kind, one line in the
 * registry: whoever reads or writes a document asks the registry and knows no kind by name.
 */
import type { TSchema } from "@sinclair/typebox";
import type { Element, ElementContent, Properties } from "hast";
import type { State } from "hast-util-to-mdast";
import type { Nodes } from "mdast";
import type { AddressUse } from "../safety/addresses";
import type { EditorNode } from "./editorJson";
import type { NodeRule } from "./rules";
import type { PlacedLink } from "./runs";
import type { BlockBase, ContainerBase, Link, Mark, Run } from "./shape";

/** Reading the editor's document: what a node does with itself. */
export interface EditorReader {
  node: EditorNode;
  attrs: Record<string, unknown>;
  /** Ids of containers are made of this. */
  key: string;
  within: readonly ContainerBase[];
  /** The node's own text. @param preserve keep blanks as they are, as in code */
  text(preserve?: boolean): { text: string; runs: Run[] };
  push(block: Omit<BlockBase, "id" | "within">): void;
  /** Reads what is in the node, inside a container. */
  inside(container: ContainerBase): void;
}

/** A block on its way into the editor's document, with the containers that are still around it. */
export interface Item {
  block: BlockBase;
  within: readonly ContainerBase[];
}

/** Building the editor's document out of blocks. */
export interface EditorBuilder {
  /** Nodes of items, whatever they are. */
  build(items: readonly Item[]): EditorNode[];
  /** Neighbours that share their next container, together. */
  grouped(items: readonly Item[]): Item[][];
  /** The same items without their next container. */
  inner(items: readonly Item[]): Item[];
  /** Wraps lines of text and lists in a container; whatever else is among them breaks it in two. */
  parted(items: readonly Item[], container: Pick<EditorNode, "type" | "attrs">): EditorNode[];
  /** A node with runs of text in it. */
  withText(node: EditorNode, runs: readonly Run[]): EditorNode;
}

/** Where the reader of HTML is. */
export interface HtmlPlace {
  within: readonly ContainerBase[];
  marks: readonly Mark[];
  link?: Link;
}

/** Reading HTML: what an element does with itself. */
export interface HtmlReader {
  /** Blocks read by now. */
  blocks: BlockBase[];
  /** Ends the open paragraph. */
  flush(place: HtmlPlace): void;
  /** Keeps the ids of an element for the next block. */
  keepId(node: Element): void;
  push(block: Omit<BlockBase, "id" | "ids">): void;
  /** Reads elements in order. */
  children(nodes: readonly ElementContent[], place: HtmlPlace): void;
  visit(node: ElementContent, place: HtmlPlace): void;
  /** Reads an element as one that ends what stands before it. */
  block(node: Element, place: HtmlPlace): void;
  /** The same, inside a container. */
  inside(node: Element, container: ContainerBase, place: HtmlPlace): void;
  /** Text with no block around it: a line of its own, or part of the open paragraph. */
  line(text: string, place: HtmlPlace): void;
  /** Runs of an element as one line of text, blocks in it joined. */
  caption(node: Element): { text: string; runs: Run[] };
  /** Runs of an element; blocks in it come out apart. */
  held(node: Element, place: HtmlPlace): { text: string; runs: Run[]; blocks: BlockBase[] };
  /** A new id that begins like this. */
  fresh(prefix: string): string;
}
export type HtmlHandler = (node: Element, place: HtmlPlace, reader: HtmlReader) => void;

/** Writing HTML. */
export interface HtmlWriter {
  inline(runs: readonly Run[]): ElementContent[];
  linkProperties(link: Link): Properties;
  /** The id that a block has in the page. */
  id?: string | undefined;
  /** All blocks of the document, with the ids that headings get. */
  blocks: readonly BlockBase[];
  ids: ReadonlyMap<number, string> | null;
  /** Address to write for a picture or a file. */
  fileAddress(file: { src: string }): string;
  keepFileNames: boolean;
  focusStyles: boolean;
}

/** Writing Markdown, from the HTML: what has no syntax there is HTML again. */
export type MarkdownHandler = (
  state: State,
  node: Element,
  write: { html(node: Element): Nodes; usual(state: State, node: Element): Nodes | Nodes[] | undefined },
) => Nodes | Nodes[] | undefined;

/** A block as a line of a DOCX file. */
export type DocxLine =
  | { style: "rule" }
  | {
      style: "text";
      runs: readonly Run[];
      heading?: number;
      note?: string;
      indented?: boolean;
      listed?: boolean;
    };

export interface BlockKind<
  Shape extends BlockBase = BlockBase,
  Around extends ContainerBase = ContainerBase,
> {
  /** Shapes of its blocks and of its containers; none where it has none. */
  shapes?: readonly TSchema[];
  containers?: readonly TSchema[];
  /** Nodes that it is in the editor, by their names, with what each may hold. */
  nodes: Readonly<Record<string, NodeRule>>;
  /**
   * Attributes of its nodes that are addresses, with what each leads to: one that may not pass is taken out. A node without one that it cannot
   * do without goes with it.
   */
  addresses?: Readonly<
    Record<string, Readonly<Record<string, AddressUse | { use: AddressUse; needed: true }>>>
  >;
  /** Reads its nodes, by their names. */
  fromEditor: Readonly<Record<string, (reader: EditorReader) => void>>;
  /** Nodes of its blocks, by their kinds. */
  toEditor?: {
    [Kind in Shape["kind"]]?: Writes<Extract<Shape, { kind: Kind }>, EditorBuilder, EditorNode[]>;
  };
  /** Nodes of what stands in its containers, by their types. */
  groupToEditor?: {
    [Type in Around["type"]]?: Groups<Extract<Around, { type: Type }>>;
  };
  /** Reads elements, by their names. */
  fromHtml?: Readonly<Record<string, HtmlHandler>>;
  /** Reads elements that HTML has no name for, by their \`data-block\`. */
  fromMarkedHtml?: Readonly<Record<string, HtmlHandler>>;
  toHtml?: { [Kind in Shape["kind"]]?: Writes<Extract<Shape, { kind: Kind }>, HtmlWriter, Element> };
  /** The element of its containers, by their types. */
  wrapHtml?: { [Type in Around["type"]]?: Writes<Extract<Around, { type: Type }>, HtmlWriter, Element> };
  /** Elements and attributes that it is read from and that text of nothing but words needs not: what a page from elsewhere may keep. */
  htmlAllowed?: { elements?: readonly string[]; attributes?: Readonly<Record<string, readonly string[]>> };
  /** Styles of its elements in a page that stands alone. */
  pageStyle?: string;
  /** Elements that Markdown has a syntax for in some cases only, by their names. */
  toMarkdown?: Readonly<Record<string, MarkdownHandler>>;
  toDocx?: { [Kind in Shape["kind"]]?: Writes<Extract<Shape, { kind: Kind }>, undefined, DocxLine> };
  /** Whether a block's text counts as words of the body; true where nothing is said. */
  words?: { [Kind in Shape["kind"]]?: Writes<Extract<Shape, { kind: Kind }>, undefined, boolean> };
  /** Links of a block; those of its runs where nothing is said. */
  links?: { [Kind in Shape["kind"]]?: Writes<Extract<Shape, { kind: Kind }>, undefined, PlacedLink[]> };
  /** What is seen of a block, in words; its text where nothing is said. */
  says?: { [Kind in Shape["kind"]]?: Writes<Extract<Shape, { kind: Kind }>, undefined, string> };
  /** Files that a page of the block needs, as the block names them: pictures that it shows, what it offers to download. */
  files?: { [Kind in Shape["kind"]]?: Writes<Extract<Shape, { kind: Kind }>, undefined, string[]> };
}

/** Written as a method, so that a kind of any shape is a kind. */
type Writes<From, With, To> = { write(from: From, by: With): To }["write"];
type Groups<Around> = {
  write(container: Around, items: readonly Item[], builder: EditorBuilder): EditorNode[];
}["write"];

/** A kind as its file declares it. @template Shape its blocks. @template Around its containers; never where it has none */
export const defineBlock = <Shape extends BlockBase = never, Around extends ContainerBase = never>(
  kind: BlockKind<Shape, Around>,
): BlockKind<Shape, Around> => kind;

/** A text from outside; empty where it is none. */
export const textOf = (value: unknown): string => (typeof value === "string" ? value.toWellFormed() : "");
/** A number from outside; null where it is none. */
export const numberOf = (value: unknown): number | null =>
  typeof value === "number" && Number.isFinite(value) ? value : null;

/** Text with its blanks made single. */
export const collapse = (text: string): string =>
  text
    .toWellFormed()
    .replace(/[ \t\r\n\f]+/g, " ")
    .trim();

export const isElement = (node: ElementContent, tagName: string): node is Element =>
  node.type === "element" && node.tagName === tagName;
