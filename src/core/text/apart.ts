/** Whether the words of a keyword stand in one sentence and yet speak of different things: by their order, and by what is between them. */
import type { AnalysedText } from "./analyse";
import type { Variant } from "./keyword";
import type { Usage } from "./packs/usage";
import type { Sight } from "./sight";
import { isLikelyVerb } from "./usage";

/** "In spring we air the mattress": the sentence begins with a word of the keyword and says something else. */
export function isSetApart(
  { tokens }: AnalysedText,
  first: number,
  { pronouns, determiners }: Usage,
): boolean {
  const after = tokens[first + 1];
  if (!after || !pronouns.has(after.folded)) return false;
  const { sentence } = tokens[first]!;
  for (let i = first - 1; i >= first - 2; i--) {
    const token = tokens[i];
    if (!token?.small || token.sentence !== sentence) return false;
    if (i === 0 || tokens[i - 1]!.sentence !== sentence) return !determiners.has(token.folded);
  }
  return false;
}

/** Where something else speaks for a verb too. */
const PERHAPS = 0.5;

/** "The painting hangs in her house": where the one is, not of which sort. */
export function isElsewhere(
  text: AnalysedText,
  seen: readonly Sight[],
  { carriers }: Variant,
  usage: Usage,
): boolean {
  if (seen.length !== 2 || usage.headFirst) return false;
  const [first, second] = [...seen].sort((a, b) => a.from - b.from) as [Sight, Sight];
  if (carriers[first.place]!.role !== "head") return false;
  const { tokens } = text;
  let place = second.from - 1;
  while (place > first.to && usage.determiners.has(tokens[place]!.folded)) place--;
  if (place <= first.to + 1 || !usage.places.has(tokens[place]!.folded)) return false;
  const between = tokens.slice(first.to + 1, place);
  return (
    between.some(
      ({ folded, small }, i) =>
        usage.being.has(folded) || (!small && isLikelyVerb(text, first.to + 1 + i, usage, PERHAPS)),
    ) && !between.some(({ folded }) => usage.joining.has(folded))
  );
}

/**
 * In languages that say "curso de cocina": do both stand in this order, in one phrase? "En la cocina, un curso", "una hoja de té y un cálculo"
 * speak of two things.
 */
export function isTwoThings(
  { tokens, text }: AnalysedText,
  seen: readonly Sight[],
  { carriers, words }: Variant,
  { headFirst, conjunctions, determiners, joining }: Usage,
): boolean {
  if (!headFirst || seen.length !== 2 || words.length < 3) return false;
  const [first, second] = [...seen].sort((a, b) => a.from - b.from) as [Sight, Sight];
  const roles = [first, second].map(({ place }) => carriers[place]!.role);
  if (roles.includes("verb") || roles.includes(undefined)) return false;
  const gap = text.slice(tokens[first.to]!.end, tokens[second.from]!.start);
  // "La tortilla: receta", "madera para muebles"
  if (gap.includes(":") || tokens.slice(first.to + 1, second.from).some(({ folded }) => joining.has(folded)))
    return false;
  if (roles[0] === "modifier" || gap.includes(",")) return true;
  for (let at = first.to + 1; at < second.from; at++)
    if (conjunctions.has(tokens[at]!.folded) && determiners.has(tokens[at + 1]!.folded)) return true;
  return false;
}
