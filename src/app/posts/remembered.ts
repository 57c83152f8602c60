import type { Block } from "../../core/draft/draft";
import { perObject } from "../../core/once";

const answersOf = perObject((_block: Block) => new Map<string, unknown>());

/** Looks a block over once for each question; blocks never change in place. */
export function remembered<T>(block: Block, question: string, find: () => T): T {
  const answers = answersOf(block);
  if (!answers.has(question)) answers.set(question, find());
  return answers.get(question) as T;
}
