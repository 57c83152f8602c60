/**
 * The draft tree: one neutral shape for everything that is scored, written by the editor, read from HTML or Markdown.
 *
 * Blocks are a flat list in reading order. What a block stands in (lists, quotes, tables) is its `within` path, outermost
 * first; neighbours that share a container share its id. So checks read a plain list, and writers can rebuild the nesting.
 */

import { byName } from "../blocks/byName";
import type { AnyBlock, AnyContainer } from "../blocks/registry";
import type { BlockBase } from "../blocks/shape";

export { GALLERY_LAYOUTS, type GalleryLayout } from "../blocks/gallery/gallery";
export type { HeadingLevel } from "../blocks/heading/heading";
export { PICTURE_SIDES, type Picture, type PictureSide } from "../blocks/picture/picture";
export { type Link, type Mark, oneOf, type Run } from "../blocks/shape";

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

/** A block of any kind, as core/blocks has them. */
export type Block = WithContainers<AnyBlock>;
export type Container = AnyContainer;
type WithContainers<Shape> = Shape extends BlockBase
  ? Omit<Shape, "within"> & { within: readonly Container[] }
  : never;

export type BlockOf<K extends Block["kind"]> = Extract<Block, { kind: K }>;
export type PictureBlock = BlockOf<"picture">;

/** Does the block's text count as words of the body? Headings of the first level do not: they are the page's H1. */
export const countsAsWords = (block: Block): boolean => WORDS[block.kind]?.(block, undefined) ?? true;

const WORDS = byName(({ words }) => words);
