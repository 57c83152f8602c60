import type { AnalysedText, Token } from "../text/analyse";
import type { LanguagePack, Passive } from "../text/packs/pack";
import type { Marking, Span } from "./marking";

export const passive: Marking = {
  id: "passive",
  name: "Passive",
  find: (text, pack) => passivesIn(text, pack),
};

/**
 * Where a text is in the passive: the span from auxiliary to participle, none over another.
 *
 * @returns none in a language that has no rules for it
 */
export function passivesIn({ text, tokens }: AnalysedText, { passive: rules }: LanguagePack): Span[] {
  if (!rules) return [];
  const spans: Span[] = [];
  let last = -1;
  for (let i = 0; i < tokens.length; i++) {
    if (!rules.auxiliaries.has(tokens[i]!.folded)) continue;
    if (rules.notAfter?.has(tokens[i - 1]?.folded ?? "")) continue;
    const other =
      partner(text, tokens, i, 1, rules) ?? (rules.before ? partner(text, tokens, i, -1, rules) : null);
    if (other === null) continue;
    const [from, to] = other < i ? [other, i] : [i, other];
    if (from <= last) continue;
    spans.push({ start: tokens[from]!.start, end: tokens[to]!.end });
    last = to;
    i = to;
  }
  return spans;
}

/** A clause ends here, and the passive with it. */
const CLAUSE = /[,;:\u2013\u2014()]/;

/** The participle of the auxiliary at `from`, looked for in one direction within its clause. */
function partner(
  text: string,
  tokens: readonly Token[],
  from: number,
  step: 1 | -1,
  { participles, ending, not, between, mostBetween }: Passive,
): number | null {
  for (let far = 1; far <= mostBetween + 1; far++) {
    const at = from + step * far;
    const token = tokens[at];
    const near = tokens[at - step]!;
    if (!token || token.sentence !== near.sentence) return null;
    const gap = step > 0 ? text.slice(near.end, token.start) : text.slice(token.end, near.start);
    if (CLAUSE.test(gap)) return null;
    const word = text.slice(token.start, token.end).toLowerCase().normalize("NFC");
    if (participles.has(word) || (ending.test(word) && !not.has(word))) return at;
    if (between && !between.test(token.folded)) return null;
  }
  return null;
}
