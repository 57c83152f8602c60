import type { SeenWord } from "../seenWord";

/** True or false where the rule decides, undefined where it has nothing to say. */
export type Rule = (word: SeenWord) => boolean | undefined;
