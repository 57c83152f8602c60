import { byName } from "../blocks/byName";
import type { Block } from "./draft";

const SAYS = byName(({ says }) => says);

/** What is seen of a block, in words: its text, or what stands for it where it is more than text. */
export const whatItSays = (block: Block): string => SAYS[block.kind]?.(block, undefined) ?? block.text;
