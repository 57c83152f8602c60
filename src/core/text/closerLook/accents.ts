/** Words that a language tells apart by an accent or an umlaut, which folding takes away. */
import { fold } from "../fold";
import type { Carrier } from "../keyword";

/** Typed without one, too: "Fluege". */
const UMLAUT = /[äöü]|(?<![aeioq])[aou]e/;
/** Nouns that have no other plural than an umlaut: "Garten", "Gärten". */
const UMLAUT_ALONE =
  /(?:garten|boden|laden|kasten|ofen|hafen|graben|faden|schaden|magen|wagen|bogen|kragen|mantel|vogel|apfel|nagel|sattel|schnabel|mangel|hammer|acker|vater|bruder|mutter|tochter|kloster|schwager)n?$/;

/**
 * Are two forms that fold to the same stem two words? "Küchen" are no "Kuchen" and "schon" is not "schön", but "Bücher" are a "Buch" and "Gärten" a
 * "Garten": an umlaut that only makes the plural comes with an ending, but in a few nouns.
 *
 * @param one as it is written, the other as well
 */
export function isOtherByUmlaut(one: string, other: string): boolean {
  const [first, second] = [one, other].map((word) => word.toLowerCase().normalize("NFC")) as [string, string];
  if (UMLAUT.test(first) === UMLAUT.test(second)) return false;
  const [withIt, without] = UMLAUT.test(first) ? [fold(first), second] : [fold(second), first];
  return withIt.length <= without.length && !UMLAUT_ALONE.test(withIt);
}

/**
 * Does an accent at the end make another word of it: "marche" for "étude de marché"? What a text has in capitals has none, and what somebody types without
 * any may be either.
 *
 * @param keyword a word of the keyword
 * @param word of the text, as it is written
 * @param tells the accent that does so
 */
export function isOtherByAccent(
  keyword: Pick<Carrier, "written" | "hasAccents">,
  word: string,
  tells: RegExp,
): boolean {
  if (word === word.toUpperCase()) return false;
  const [has, had] = [word, keyword.written].map((one) => tells.test(one.toLowerCase().normalize("NFC")));
  const [one, other] = [word, keyword.written].map((written) => fold(written).replace(/s$/, ""));
  return has !== had && (had || keyword.hasAccents) && one === other;
}
