/** The words between two nouns of a keyword, and what is asked of them wherever two nouns may be linked. */
import type { Token } from "../../analyse";
import type { Usage } from "../../packs/usage";
import { isOfNoun } from "../../usage";
import type { TwoNouns } from "../nouns";

/** What is known of the words between the two. */
export interface Between extends TwoNouns {
  usage: Usage;
  /** The earlier noun says what is done: "tasting". */
  isMade: boolean;
  /** And may name a thing as well: "building". */
  isNounToo: boolean;
  /** The later one is in a form of its verb, and so the earlier. */
  isDone: boolean;
  isDoneFirst: boolean;
  /** The earlier one tells somebody to do it, by the words beside it. */
  isOrder(): boolean;
  /** The later one is written as names are, in a text that has capitals. */
  isNameLater: boolean;
  /** And so the earlier. */
  isNameEarlier: boolean;
  earlier: Token;
  later: Token;
  /** A small word joins the two in the keyword. */
  isJoinedThere: boolean;
  /** The earlier one says what is done in the keyword, and is no such noun here: "assure" for "assurance". */
  isNoNoun: boolean;
  /** The earlier one is a participle in the keyword. */
  isParticiple: boolean;
  isVerb(word: Token, from?: number): boolean;
  /** Is a word of them in a form that only a verb has: "salió"? */
  isFiniteForm(word: Token): boolean;
  /** The word before the earlier noun and the one after the later, in their sentence. */
  before: Token | undefined;
  after: Token | undefined;
  /** And the one before that. */
  beforeThat: Token | undefined;
}

export type Link = (words: Between) => boolean;

export const isContent = ({ small }: Token): boolean => !small;

/** Does nothing stand there but what belongs to a noun: "the", "my own", "southern", "lost or stolen"? */
export const isPhrase = (words: readonly Token[], usage: Usage): boolean =>
  words.every(
    (word, i) =>
      isAndBetween(words, i, usage) ||
      isContent(word) ||
      (isOfNoun(word, usage) && !usage.afterOrders.has(word.folded)),
  );

function isAndBetween(
  words: readonly Token[],
  at: number,
  { conjunctions, adjectives, pasts, verbal }: Usage,
): boolean {
  const isSaid = (word: Token | undefined) =>
    word !== undefined &&
    (adjectives.has(word.folded) || pasts.has(word.folded) || verbal?.test(word.folded) === true);
  return conjunctions.has(words[at]!.folded) && isSaid(words[at - 1]) && isSaid(words[at + 1]);
}

export const isSubject = ({ folded }: Token, { persons, pronouns, determiners }: Usage): boolean =>
  pronouns.has(folded) || (persons.has(folded) && !determiners.has(folded));

/** "That", "which", "when", but not "she". */
export const isRelative = (
  { folded }: Token,
  { relatives, asking, pronouns, persons, headFirst }: Usage,
): boolean =>
  relatives.has(folded) || asking.has(folded) || (!headFirst && pronouns.has(folded) && !persons.has(folded));
