/** All kinds of blocks. A new one is a file beside these, and two lines here: its import and its place in the list. */
import { button } from "./button/button";
import { code } from "./code/code";
import { contents } from "./contents/contents";
import { divider } from "./divider/divider";
import { embed } from "./embed/embed";
import { faq } from "./faq/faq";
import { file } from "./file/file";
import { gallery } from "./gallery/gallery";
import { heading } from "./heading/heading";
import { kept } from "./kept/kept";
import type { BlockKind } from "./kind";
import { linkCard } from "./linkCard/linkCard";
import { list } from "./list/list";
import { note } from "./note/note";
import { picture } from "./picture/picture";
import { quote } from "./quote/quote";
import type { BlockBase, ContainerBase } from "./shape";
import { table } from "./table/table";
import { text } from "./text/text";

const registered = [
  text,
  heading,
  list,
  quote,
  note,
  code,
  divider,
  picture,
  gallery,
  embed,
  button,
  file,
  linkCard,
  faq,
  contents,
  table,
  kept,
] as const;

type Registered = (typeof registered)[number];
type ShapeOf<Kind> = Kind extends BlockKind<infer Shape, infer _Around> ? Shape : never;
type AroundOf<Kind> = Kind extends BlockKind<infer _Shape, infer Around> ? Around : never;

/** A block of any kind. */
export type AnyBlock = ShapeOf<Registered>;
/** What any block may stand in. */
export type AnyContainer = AroundOf<Registered>;

export const BLOCK_KINDS: readonly BlockKind<BlockBase, ContainerBase>[] = registered;
