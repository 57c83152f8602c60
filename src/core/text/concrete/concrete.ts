/** Nouns that name something to be seen, from a published lexicon (scripts/buildConcrete.ts). */
import { once } from "../../once";
import { primaryLanguage } from "../language";
import english from "./en.json";

/** A new language is a file of its own and a line here. */
const lists: Record<string, () => ReadonlySet<string>> = {
  en: once(() => new Set(english.stems.split(" "))),
};
const NONE: ReadonlySet<string> = new Set();

/**
 * Stems of the nouns of a language that name a thing, an animal, a plant, food or a part of a body.
 *
 * @param language tag (BCP 47)
 * @returns the stems; none in a language without a list
 */
export function concreteStems(language: string): ReadonlySet<string> {
  const code = primaryLanguage(language);
  return Object.hasOwn(lists, code) ? lists[code]!() : NONE;
}
