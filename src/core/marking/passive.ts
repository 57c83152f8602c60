import type { Token } from "../text/match";
import type { LanguagePack } from "../text/packs/pack";
import type { Marking, Span } from "./marking";

/** Words that may stand between the auxiliary and its participle: "was not yet fully tested". */
const MOST_BETWEEN = 3;
const BETWEEN = /^(?:not|n't|never|always|often|also|just|only|still|already|yet|being|been|\p{L}+ly)$/u;

export const passive: Marking = {
  id: "passive",
  name: "Passive",
  find({ tokens }, pack) {
    const { passive: rules } = pack;
    if (!rules) return [];
    const found: Span[] = [];
    for (let i = 0; i < tokens.length; i++) {
      if (!rules.auxiliaries.has(tokens[i]!.folded)) continue;
      const to = participleAfter(tokens, i, rules);
      if (to < 0) continue;
      found.push({ start: tokens[i]!.start, end: tokens[to]!.end });
      i = to;
    }
    return found;
  },
};

function participleAfter(
  tokens: readonly Token[],
  from: number,
  { participles, ending, not }: NonNullable<LanguagePack["passive"]>,
): number {
  for (let to = from + 1; to < tokens.length && to <= from + 1 + MOST_BETWEEN; to++) {
    const { folded, sentence } = tokens[to]!;
    if (sentence !== tokens[from]!.sentence) return -1;
    if (participles.has(folded) || (ending.test(folded) && !not.has(folded))) return to;
    if (!BETWEEN.test(folded)) return -1;
  }
  return -1;
}
