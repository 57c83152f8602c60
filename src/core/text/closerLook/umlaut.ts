/** Words that German tells apart by an umlaut, which folding takes away. */
import { fold } from "../fold";

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
