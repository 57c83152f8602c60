/** All blocks of the editor. A new one is a file beside these, and two lines here: its import and its place in the list. */
import type { EditorBlock } from "./block";
import { button } from "./button";
import { code } from "./code";
import { contents } from "./contents";
import { divider } from "./divider";
import { embed } from "./embed";
import { faq } from "./faq";
import { file } from "./file";
import { gallery } from "./gallery";
import { kept } from "./kept";
import { linkCard } from "./linkCard";
import { note } from "./note";
import { picture } from "./picture";
import { quote } from "./quote";
import { table } from "./table";
import { text } from "./text";

/** In the order in which they are offered. What stands further out comes first: a picture of a gallery shows the gallery's tools. */
export const EDITOR_BLOCKS: readonly EditorBlock[] = [
  text,
  quote,
  table,
  divider,
  gallery,
  picture,
  note,
  faq,
  button,
  file,
  linkCard,
  embed,
  contents,
  code,
  kept,
];
