/** Words in sequence that are not those of the keyword, by how they are written and what they are joined to. */
import { perObject } from "../../once";
import type { AnalysedText, Token } from "../analyse";
import type { Carrier, Variant } from "../keyword";
import type { LanguagePack } from "../packs/pack";
import type { Usage } from "../packs/usage";
import { isOtherByAccent, isOtherByUmlaut } from "./accents";
import { isOtherAlone } from "./alone";
import { hasCapitals, isCopulaAt } from "./nouns";

/** "The log in the fireplace" for "log in": a thing, and where it is. */
function isThingThere({ tokens }: AnalysedText, from: number, to: number, { usage }: LanguagePack): boolean {
  const isThe = (token: (typeof tokens)[number] | undefined) =>
    token?.sentence === tokens[from]!.sentence && usage?.determiners.has(token.folded) === true;
  return (
    to === from + 1 &&
    usage?.particles.has(tokens[to]!.folded) === true &&
    isThe(tokens[from - 1]) &&
    isThe(tokens[to + 1])
  );
}

/** "A first-class trip" for "class trip" */
function isJoinedToOther(
  { tokens }: AnalysedText,
  from: number,
  to: number,
  { context, adjectives, quantities }: Usage,
): boolean {
  const before = tokens[from - 1];
  return (
    context !== undefined &&
    to > from &&
    !tokens[from]!.joinsNext &&
    before?.joinsNext === true &&
    (adjectives.has(before.folded) || quantities.has(before.folded))
  );
}

/** Are words in sequence, as they are written there, not those of the keyword? */
export function areOthers(
  text: AnalysedText,
  from: number,
  to: number,
  variant: Variant,
  pack: LanguagePack,
): boolean {
  const { usage } = pack;
  if (!usage) return false;
  return (
    isThingThere(text, from, to, pack) ||
    // In "is kaas gezond" the small word is none that carries the subject.
    (variant.carriers[0]?.folded === text.tokens[from]!.folded && isCopulaAt(text, from, usage)) ||
    isJoinedToOther(text, from, to, usage) ||
    (from === to && isOtherAlone(text, from, variant, usage)) ||
    (!variant.isGrown &&
      (usage.capitals ? hasCapitals(text) : usage.accentTells !== undefined && hasAccents(text)) &&
      text.tokens
        .slice(from, to + 1)
        .some((token) => variant.carriers.some((carrier) => isOtherWord(text, token, carrier, usage))))
  );
}

/** The words of an address have none: there, one that is missing tells nothing. */
const hasAccents = perObject(({ text }: AnalysedText): boolean => /[\u00C0-\u017F]|\p{M}/u.test(text));

/** "Küchen" for "Kuchen", "marche" for "marché" */
function isOtherWord(
  { text }: AnalysedText,
  { stem, start, end, folded }: Token,
  carrier: Carrier,
  { capitals, accentTells }: Usage,
): boolean {
  // Of listed forms each has its own accents; "marche" and "marché" are one word without them.
  const isListed =
    stem.startsWith("=") && (capitals || folded.replace(/s$/, "") !== carrier.folded.replace(/s$/, ""));
  if (stem !== carrier.stem || isListed) return false;
  const written = text.slice(start, end);
  return capitals
    ? isOtherByUmlaut(written, carrier.written)
    : accentTells !== undefined && isOtherByAccent(carrier, written, accentTells);
}
