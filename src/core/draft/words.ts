import { byName } from "../blocks/byName";
import type { Block } from "./draft";

const WORDS = byName(({ words }) => words);

/** Does the block's text count as words of the body? Headings of the first level do not: they are the page's H1. */
export const countsAsWords = (block: Block): boolean => WORDS[block.kind]?.(block, undefined) ?? true;
