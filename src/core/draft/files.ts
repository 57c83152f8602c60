/** Files that blocks need beside their text. */
import { byName } from "../blocks/byName";
import type { Block } from "./draft";

const FILES = byName(({ files }) => files);

/** @returns pictures that the blocks show and files that they offer, as they name them, each once, in order */
export const filesOf = (blocks: readonly Block[]): string[] => [
  ...new Set(blocks.flatMap((block) => FILES[block.kind]?.(block, undefined) ?? [])),
];
