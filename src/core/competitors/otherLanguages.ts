/** What stands on a page in another language than its own: what nobody has translated, quotations, what a program prints. */
import type { Block } from "../draft/draft";
import { countsAsWords } from "../draft/words";
import type { AnalysedText } from "../text/analyse";
import { languageOfWords } from "../text/guessLanguage";
import type { LanguagePack } from "../text/packs/pack";

/** A block of fewer words says too little of its language by itself. */
const LEAST_WORDS = 6;
/** And of a longer one so many say enough. */
const MOST_WORDS = 40;
/**
 * Of prose, small words are a third and more: where they are fewer, another language is thought of. The Romance languages have many of them in
 * common.
 */
const FEW_SMALL = 0.2;
const FEW_SMALL_ROMANCE = 0.35;
/** A page with this share of its words in another language is written in that; with less, what is in its own says what it is about. */
const MOSTLY = 0.7;

export interface InItsLanguage<Some extends readonly Block[]> {
  /** Without what is in another language; all of them where nearly all are. */
  blocks: Some | Block[];
  /** Is nearly all of the page in another language? */
  isOther: boolean;
}

/**
 * @param blocks of a page
 * @param analysed of a block, in the language
 * @param pack of the language that the page should be in; where it has no small words, nothing is told of any block
 */
export function inItsLanguage<Some extends readonly Block[]>(
  blocks: Some,
  analysed: (block: Block) => AnalysedText,
  pack: LanguagePack,
): InItsLanguage<Some> {
  if (!pack.smallWords.size) return { blocks, isOther: false };
  const told = blocks.map((block) =>
    countsAsWords(block) ? isInOther(block.text, analysed(block), pack) : null,
  );
  if (!told.includes(true)) return { blocks, isOther: false };
  const after = carried(told.toReversed()).toReversed();
  const before = carried(told);
  const isOther = blocks.map((block, i) => {
    if (told[i] !== null) return told[i]!;
    // A short line is in the language of what it stands between, a heading in that of what it stands over, unless one small word says otherwise.
    if (block.kind !== "heading") return before[i] !== false && after[i] !== false;
    return after[i] === true && !analysed(block).tokens.some(({ small }) => small);
  });
  let words = 0;
  let others = 0;
  for (const [i, block] of blocks.entries()) {
    if (!countsAsWords(block)) continue;
    const n = analysed(block).tokens.length;
    words += n;
    if (isOther[i]) others += n;
  }
  if (others >= MOSTLY * words) return { blocks, isOther: true };
  return { blocks: blocks.filter((_, i) => !isOther[i]), isOther: false };
}

/** Is a text in another language? Null where it is too short to tell, or is in none that can be named. */
function isInOther(text: string, { tokens }: AnalysedText, { code, usage }: LanguagePack): boolean | null {
  if (tokens.length < LEAST_WORDS) return null;
  let small = 0;
  for (const token of tokens) if (token.small) small++;
  if (small >= (usage?.headFirst ? FEW_SMALL_ROMANCE : FEW_SMALL) * tokens.length) return false;
  const words = tokens.slice(0, MOST_WORDS).map(({ start, end, folded }) => ({
    lower: text.slice(start, end).toLowerCase(),
    folded,
  }));
  const guessed = languageOfWords(words);
  return guessed === null ? null : guessed !== code;
}

/** What was told last, at each place; null before anything was. */
function carried(told: readonly (boolean | null)[]): (boolean | null)[] {
  let last: boolean | null = null;
  return told.map((one) => {
    last = one ?? last;
    return last;
  });
}
