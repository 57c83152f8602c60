/**
 * The draft tree: one neutral shape for everything that is scored, written by the editor, read from HTML or Markdown.
 *
 * Blocks are a flat list in reading order. What a block stands in (lists, quotes, tables) is its `within` path, outermost
 * first; neighbours that share a container share its id. So checks read a plain list, and writers can rebuild the nesting.
 */

import type { AnyBlock, AnyContainer } from "../blocks/registry";
import type { BlockBase } from "../blocks/shape";
import type { DraftMeta } from "./meta";

export type { GalleryLayout } from "../blocks/gallery/gallery";
export type { HeadingLevel } from "../blocks/heading/heading";
export type { Picture, PictureSide } from "../blocks/picture/picture";
export type { Link, Mark, Run } from "../blocks/shape";

export type { DraftMeta } from "./meta";

export interface Draft {
  meta: DraftMeta;
  blocks: readonly Block[];
  /**
   * Whether headings get fragment ids from their text, as Markdown renderers and our own export give them. Pages read
   * from HTML have only the ids that stand in them.
   */
  headingIds: "derived" | "explicit";
}

/** A block of any kind, as core/blocks has them. */
export type Block = WithContainers<AnyBlock>;
export type Container = AnyContainer;
type WithContainers<Shape> = Shape extends BlockBase
  ? Omit<Shape, "within"> & { within: readonly Container[] }
  : never;

export type BlockOf<K extends Block["kind"]> = Extract<Block, { kind: K }>;
export type PictureBlock = BlockOf<"picture">;
