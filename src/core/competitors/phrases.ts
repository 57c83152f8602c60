/** Phrases of a text: one to four words that neither begin nor end with a small word and cross no sentence, block or comma. */
import type { AnalysedText, Token } from "../text/analyse";
import { pathsIn } from "../text/paths";

export const LONGEST_PHRASE = 4;

/** What may stand between two words of one phrase: blanks, hyphens, apostrophes. */
const WITHIN = /^[\s\u00A0\-\u2010\u2011\u00AD'\u2019]*$/;
const NUMBER = /^[\p{N}.,:%]+$/u;

/** Can a phrase begin or end with it? Numbers and what is measured in, like small words, name no subject of their own. */
const carries = ({ small, folded }: Token, measures: ReadonlySet<string>): boolean =>
  !small && !measures.has(folded) && !NUMBER.test(folded);

/** Every word sequence gets one number, whatever it stands in: so that counting a phrase costs no string. */
export class PhraseTable {
  readonly #stems = new Map<string, number>();
  readonly #children = new Map<number, number>();
  /** By phrase: the phrase without its last word (-1 for none), its last stem, its length. */
  readonly parents: number[] = [];
  readonly lastStem: string[] = [];
  readonly lengths: number[] = [];

  #stem(stem: string): number {
    let id = this.#stems.get(stem);
    if (id === undefined) {
      id = this.#stems.size;
      this.#stems.set(stem, id);
    }
    return id;
  }

  child(parent: number, stem: string): number {
    // 2^21 stems and 2^31 phrases fit a double exactly.
    const key = (parent + 1) * 2_097_152 + this.#stem(stem);
    let id = this.#children.get(key);
    if (id === undefined) {
      id = this.parents.length;
      this.#children.set(key, id);
      this.parents.push(parent);
      this.lastStem.push(stem);
      this.lengths.push(parent < 0 ? 1 : this.lengths[parent]! + 1);
    }
    return id;
  }

  stemsOf(phrase: number): string[] {
    const stems: string[] = [];
    for (let at = phrase; at >= 0; at = this.parents[at]!) stems.unshift(this.lastStem[at]!);
    return stems;
  }
}

/**
 * Calls back with each phrase of a text.
 *
 * @param measures folded words that count as numbers do
 * @param visit gets the phrase's number and the places of its first and last word
 */
export function eachPhrase(
  { text, tokens }: AnalysedText,
  table: PhraseTable,
  measures: ReadonlySet<string>,
  visit: (phrase: number, from: number, to: number) => void,
): void {
  const isInPath = pathsIn(text);
  // How far a phrase that begins at a word may reach.
  let reach = -1;
  for (let from = 0; from < tokens.length; from++) {
    if (reach < from) {
      reach = from;
      while (joined(text, tokens[reach]!, tokens[reach + 1])) reach++;
    }
    const first = tokens[from]!;
    if (!carries(first, measures) || isInPath(first)) continue;
    let phrase = -1;
    const end = Math.min(reach, from + LONGEST_PHRASE - 1);
    for (let to = from; to <= end; to++) {
      const token = tokens[to]!;
      phrase = table.child(phrase, token.stem);
      if (carries(token, measures) && (to > from || token.folded.length > 1)) visit(phrase, from, to);
    }
  }
}

/** Do two words stand in one phrase? */
export function joined(text: string, a: Token, b: Token | undefined): boolean {
  if (!b || a.sentence !== b.sentence) return false;
  if (b.start - a.end === 1) {
    const between = text.charCodeAt(a.end);
    if (between === 32 || between === 45) return true;
  }
  return WITHIN.test(text.slice(a.end, b.start));
}
