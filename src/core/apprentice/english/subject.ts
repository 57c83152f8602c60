/** What a keyword is about, as a writer would say it: in a title, in a sentence, counted or not. */

import { frequenciesOf } from "../../competitors/frequencies/frequencies";
import { fold } from "../../text/fold";
import { english } from "../../text/packs/en";
import { asPattern } from "./asPattern";
import { readFragment } from "./fragment";
import { article, generic, type NounNumber, type NounPhrase, oneOf, readNounPhrase } from "./noun";
import { capitalised, inside, oneSpace } from "./sentence";
import { pluralOf, verbForms } from "./tagged";

export type SubjectKind = "thing" | "how" | "question" | "action" | "choice";

export interface Subject {
  kind: SubjectKind;
  /** As it was given, with a capital. */
  heading: string;
  /** As it was given, inside a sentence; a person types keywords in small letters. */
  plain: string;
  /** In a sentence, for the whole kind: "cargo bikes for families", "how to prune roses", "sourdough". */
  inSentence: string;
  /** One of the kind, where there is one: "a cargo bike for families". */
  one: string | null;
  number: NounNumber;
  /** Of a "how": the verb phrase, "prune roses". */
  verb: string | null;
}

const HOW = /^(how to|how do i|how do you|how can i|how should i|ways to|tips for)\s+/i;
const CHOICE = /\s(?:or|vs\.?|versus|against)\s/i;
const SUPERLATIVE = /^(?:best|cheapest|top|safest|lightest|fastest|easiest|worst|most|largest|smallest)\b/i;

/**
 * @param evidence texts that may show how people say it: whether the plural is used, what is written with a capital
 */
export function readSubject(keyword: string, evidence: readonly string[] = []): Subject {
  const bare = oneSpace(keyword).replace(/[?!.,;:]+$/u, "");
  const heading = capitalised(bare);
  const plain = inside(bare);
  const base = { heading, plain, one: null, number: "uncounted" as const, verb: null };
  const how = HOW.exec(bare);
  if (how && !/^tips/i.test(how[1]!)) {
    const verb = inside(bare.slice(how[0].length));
    return { ...base, kind: "how", verb, inSentence: `how to ${verb}` };
  }
  const fragment = readFragment(bare);
  if (fragment.kind === "question" || fragment.kind === "clause")
    return { ...base, kind: "question", inSentence: plain };
  if (CHOICE.test(bare)) return { ...base, kind: "choice", inSentence: plain };
  if (fragment.kind === "order")
    return { ...base, kind: "action", verb: plain, inSentence: `how to ${plain}` };
  // "Cleaning a cast iron pan": how to clean one.
  const [doing = "", ...rest] = plain.split(" ");
  const forms =
    fragment.kind === "doing" && /^(?:a|an|the|my|your|our|their)$/i.test(rest[0] ?? "")
      ? verbForms(doing)
      : null;
  if (forms) {
    const verb = [forms.infinitive, ...rest].join(" ");
    return { ...base, kind: "action", verb, inSentence: `how to ${verb}` };
  }
  if (SUPERLATIVE.test(bare)) {
    const phrase = readNounPhrase(bare);
    return { ...base, kind: "thing", number: phrase.number, inSentence: `the ${generic(phrase)}`, one: null };
  }
  const phrase = readNounPhrase(plain);
  const number =
    phrase.number === "counted" &&
    (isSaidBare(phrase, evidence) || !isCounted(phrase.words[phrase.head]!, evidence))
      ? "uncounted"
      : phrase.number;
  const counted = { ...phrase, number };
  return {
    ...base,
    kind: "thing",
    number: number === "counted" ? "counted" : number,
    inSentence: generic(counted),
    one: number === "counted" && !phrase.determined ? oneOf(counted) : null,
  };
}

/** "It files payroll and gift aid": what stands alone in the middle of a sentence is not counted there. */
function isSaidBare({ words, determined }: NounPhrase, evidence: readonly string[]): boolean {
  if (determined) return false;
  const phrase = asPattern(fold(words.join(" ")));
  const bare = new RegExp(
    `\\b(?:and|or|of|for|with|without|about|in|on) ${phrase}(?=[.,;!?]| and | or |$)`,
    "mu",
  );
  return evidence.some((text) => bare.test(fold(text)));
}

/** A noun that the texts use, but never in the plural and never behind "a", is not counted there. */
function isCounted(head: string, evidence: readonly string[]): boolean {
  const word = fold(head);
  const all = fold(evidence.join(" \n "));
  const times = (pattern: string): number =>
    all.match(new RegExp(`(?<![\\p{L}\\p{N}])${pattern}(?![\\p{L}\\p{N}])`, "gu"))?.length ?? 0;
  const plural = fold(pluralOf(head));
  if (plural !== word && times(asPattern(plural))) return true;
  if (times(`(?:a|an|one|each|every|per)\\s+(?:[\\p{L}\\p{N}-]+\\s+){0,3}${asPattern(word)}`)) return true;
  if (times(asPattern(word)) >= LEAST_USES) return false;
  // Of a word that general text does not have, nobody knows: foods and names are seldom counted, doers and made things are.
  return isListed(head) || COUNTED_ENDING.test(word);
}

const COUNTED_ENDING =
  /(?:er|or|ist|list|book|box|bag|board|kit|tail|phone|house|room|shop|man|club|pad|pack|set|tool|sheet|top|pot|bike|boat|plan|case|card|ee|ian)$/;
const LEAST_USES = 4;

/** Rarer than any word of the list. */
const isListed = (word: string): boolean => {
  const { rarity } = frequenciesOf("en");
  return rarity(english.pack().stem(fold(word))) < rarity("\u0000");
};

/** "is" or "are", as the whole kind of it asks for. */
export const isOrAre = ({ kind, number }: Subject): "is" | "are" =>
  kind === "thing" && number !== "uncounted" ? "are" : "is";

/** A verb in the present, as the whole kind of it asks for: "cost" or "costs". */
export const verbFor = (subject: Subject, plural: string, singular: string): string =>
  isOrAre(subject) === "are" ? plural : singular;

export const withArticle = (text: string): string => `${article(text)} ${text}`;
