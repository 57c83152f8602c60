import type { Block } from "../../../core/draft/draft";

const found = new WeakMap<Block, Map<string, unknown>>();

/** Looks a block over once for each question; blocks never change in place. */
export function remembered<T>(block: Block, question: string, find: () => T): T {
  const known = found.get(block) ?? new Map<string, unknown>();
  found.set(block, known);
  if (!known.has(question)) known.set(question, find());
  return known.get(question) as T;
}
