/**
 * The draft tree: one neutral shape for everything that is scored, written by the editor, read from HTML or Markdown.
 *
 * Blocks are a flat list in reading order. What a block stands in (lists, quotes, tables) is its `within` path, outermost
 * first; neighbours that share a container share its id. So checks read a plain list, and writers can rebuild the nesting.
 */

export interface Draft {
  meta: DraftMeta;
  blocks: readonly Block[];
  /**
   * Whether headings get fragment ids from their text, as Markdown renderers and our own export give them. Pages read
   * from HTML have only the ids that stand in them.
   */
  headingIds: "derived" | "explicit";
}

export interface DraftMeta {
  title: string;
  metaTitle: string;
  description: string;
  slug: string;
  /** Full address of the post. */
  canonical: string;
  /** BCP 47. */
  language: string;
  keyword: string;
  supporting: string[];
  tags: string[];
  category: string;
  author: string;
  /** ISO 8601 date, or empty. */
  date: string;
  /** The picture that a shared link shows, as a picture block names its own; empty where it shows the lead picture. */
  socialPicture: string;
  /** What the site adds behind every meta title, its leading blank included. */
  titleSuffix: string;
}

export const emptyMeta: DraftMeta = {
  title: "",
  metaTitle: "",
  description: "",
  slug: "",
  canonical: "",
  language: "en",
  keyword: "",
  supporting: [],
  tags: [],
  category: "",
  author: "",
  date: "",
  socialPicture: "",
  titleSuffix: "",
};

export type Mark = "bold" | "italic" | "strike" | "code";

export interface Link {
  href: string;
  rel?: string;
}

/** A stretch of text in one style. */
export interface Run {
  text: string;
  marks: readonly Mark[];
  link?: Link;
  /** Where its first character stands in the source: for the editor, the position relative to its top-level node. */
  at?: number;
}

export type Container =
  | { type: "list"; id: string; ordered: boolean; start: number }
  | { type: "item"; id: string }
  | { type: "quote"; id: string /** Repeated from the text to be seen, not said anew. */; pull: boolean }
  | { type: "note"; id: string }
  | { type: "gallery"; id: string; layout: GalleryLayout }
  /** Questions with their answers: each pair begins with a heading, the question. */
  | { type: "faq"; id: string }
  | { type: "pair"; id: string }
  | { type: "table"; id: string }
  | { type: "row"; id: string }
  | { type: "cell"; id: string; header: boolean; colspan: number; rowspan: number };

interface BlockBase {
  id: string;
  /** Text of the block (of a picture: its caption), blanks collapsed; the runs joined. */
  text: string;
  runs: readonly Run[];
  within: readonly Container[];
  /** Fragment ids that stand in the source at this block. */
  ids?: readonly string[];
}

export const GALLERY_LAYOUTS = ["row", "grid", "column"] as const;
export type GalleryLayout = (typeof GALLERY_LAYOUTS)[number];
/** Where a picture stands: in the line of the text, wider than it, or beside it with the text around. */
export const PICTURE_SIDES = ["line", "wide", "left", "right"] as const;
export type PictureSide = (typeof PICTURE_SIDES)[number];

/** A value that came from outside, as one of those known; the first where it is none. */
export const oneOf = <T extends string>(known: readonly T[], value: unknown): T =>
  known.find((one) => one === value) ?? known[0]!;

export type HeadingLevel = 1 | 2 | 3 | 4 | 5 | 6;

export type Block =
  | (BlockBase & { kind: "heading"; level: HeadingLevel })
  | (BlockBase & { kind: "paragraph" | "listItem" | "quote" | "cell" })
  | (BlockBase & { kind: "code"; language: string })
  | (BlockBase & { kind: "picture" } & Picture)
  | (BlockBase & {
      kind: "embed";
      href: string;
      label: string;
      /** Picture that stands for it until it is asked for, named as a picture's `src`; empty for none. */
      poster: string;
    })
  /** A link that stands alone and asks to be followed. */
  | (BlockBase & { kind: "button"; href: string })
  /** The place where the page lists its headings. */
  | (BlockBase & { kind: "contents" })
  | (BlockBase & { kind: "divider" });

export interface Picture {
  /** Address, data: address or "asset:ID" for a picture kept in the workspace. */
  src: string;
  /** File name with its ending, or empty where none is known. */
  fileName: string;
  /** Null where the source has no alt attribute at all. */
  alt: string | null;
  decorative: boolean;
  /** Size of the file; null where unknown. */
  bytes: number | null;
  width: number | null;
  height: number | null;
  side: PictureSide;
  /** What stays in sight where only a part is shown, as in core/pictures/focus; null for the middle. */
  focus: string | null;
  /** The picture is a link. */
  link?: Link;
}

export type BlockOf<K extends Block["kind"]> = Extract<Block, { kind: K }>;
export type PictureBlock = BlockOf<"picture">;

/** Does the block's text count as words of the body? Headings of the first level do not: they are the page's H1. */
export function countsAsWords(block: Block): boolean {
  switch (block.kind) {
    case "heading":
      return block.level > 1;
    case "code":
    case "embed":
    case "button":
    case "contents":
    case "divider":
      return false;
    default:
      return true;
  }
}
