/** The two nouns of a keyword where a text has them, and what is between them. */
import type { AnalysedText, Token } from "./analyse";
import type { Variant } from "./keyword";
import type { Usage } from "./packs/usage";
import type { Sight } from "./sight";

/** In the order of the text. */
export interface TwoNouns {
  first: Sight;
  second: Sight;
  between: Token[];
  gap: string;
}

/** Do the words of a keyword, seen near each other, speak of different things? @param seen where each of its content words is */
export type Apart = (text: AnalysedText, seen: readonly Sight[], variant: Variant, usage: Usage) => boolean;

/** Where something else speaks for a verb too. */
export const PERHAPS = 0.5;

/** Null where the keyword is not of two nouns. */
export function twoNouns(
  { tokens, text }: AnalysedText,
  seen: readonly Sight[],
  { carriers }: Variant,
): TwoNouns | null {
  if (seen.length !== 2) return null;
  const [first, second] = [...seen].sort((a, b) => a.from - b.from) as [Sight, Sight];
  const roles = [first, second].map(({ place }) => carriers[place]!.role);
  if (roles.includes("verb") || roles.includes(undefined)) return null;
  const gap = text.slice(tokens[first.to]!.end, tokens[second.from]!.start);
  return { first, second, between: tokens.slice(first.to + 1, second.from), gap };
}
