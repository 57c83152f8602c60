import type { LanguagePack } from "./packs/pack";
import { type Sentence, sentences } from "./sentences";
import { type WordFacts, wordFacts } from "./wordFacts";
import { isWestern, MOST_AT_ONCE, type Word, words } from "./words";

/** One word made ready for matching. */
export interface Token {
  start: number;
  end: number;
  folded: string;
  stem: string;
  /** Stem of the other word that it may be a form of (see LanguagePack.otherStem). */
  otherStem: string | undefined;
  small: boolean;
  /** Number of the sentence it stands in, from 0. */
  sentence: number;
  /** Nothing but one hyphen stands between it and the next word. */
  joinsNext: boolean;
  /** The rest of what is known of the word. */
  facts: WordFacts;
}

/** A text cut into tokens once, so that it can be searched for many keywords. */
export interface AnalysedText {
  text: string;
  tokens: Token[];
  sentences: Sentence[];
}

const HYPHENS = new Set("-\u2010\u2011\u00AD");

/**
 * Cuts a text into tokens with stems and sentence numbers.
 *
 * @param before the analysis, by the same pack, of what the text was until just now: words that stand before the change are the same tokens
 *   then. It only ever saves work
 */
export function analyseText(text: string, pack: LanguagePack, before?: AnalysedText): AnalysedText {
  const tokens = before ? unchanged(text, before) : [];
  const last = tokens.at(-1);
  const from = last ? last.end : 0;
  const cut = withSigns(wordsFrom(text, from), text, from);
  if (!last && !cut.length) return { text, tokens: [], sentences: [] };
  let sentence = last ? last.sentence : 0;
  const earlier = last ? before!.sentences.slice(0, sentence) : [];
  const spans = [...earlier, ...sentences(text, pack, last ? before!.sentences[sentence]!.start : 0)];
  const factsOf = wordFacts(pack);
  for (let i = 0; i < cut.length; i++) {
    const word = cut[i]!;
    while (sentence < spans.length - 1 && word.start >= spans[sentence]!.end) sentence++;
    const facts = factsOf(word.text);
    const next = cut[i + 1];
    tokens.push({
      start: word.start,
      end: word.end,
      folded: facts.folded,
      stem: facts.stem,
      otherStem: facts.otherStem,
      small: facts.small,
      sentence,
      joinsNext: next !== undefined && next.start - word.end === 1 && HYPHENS.has(text[word.end]!),
      facts,
    });
  }
  return { text, tokens, sentences: spans };
}

/** How far from a word its signs may stand. */
const SIGNS_REACH = 3;

/**
 * The tokens of a text that are those of an earlier one: whole words with a blank behind them, far enough before the first letter that is
 * another. Where a sentence ends between two of them is told by what stands between them.
 */
function unchanged(text: string, before: AnalysedText): Token[] {
  if (Math.min(text.length, before.text.length) > MOST_AT_ONCE || !isWestern(text) || !isWestern(before.text))
    return [];
  const same = sameLetters(text, before.text);
  const { tokens } = before;
  let kept = tokens.length;
  while (kept && !isBefore(tokens[kept - 1]!, same, text)) kept--;
  return tokens.slice(0, kept);
}

/** Letters compared at once: the comparison of two texts is far faster than one of each letter. */
const AT_ONCE = 64;

/** With how many letters two texts begin alike. */
function sameLetters(a: string, b: string): number {
  let same = 0;
  while (same + AT_ONCE <= b.length && a.startsWith(b.slice(same, same + AT_ONCE), same)) same += AT_ONCE;
  while (same < b.length && a.charCodeAt(same) === b.charCodeAt(same)) same++;
  return same;
}

const isBefore = ({ end }: Token, change: number, text: string): boolean =>
  end + SIGNS_REACH < change && BLANK.test(text[end]!);
const BLANK = /\s/;

function wordsFrom(text: string, from: number): Word[] {
  if (!from) return words(text);
  return words(text.slice(from)).map((word) => ({
    text: word.text,
    start: word.start + from,
    end: word.end + from,
  }));
}

const MAY_HAVE_SIGNS = /[#/&]|\+\+|\d:\d|(?:^|\s|\()\./;

/** Words with the signs that make other words of them: "C++" is not C, ".NET" no net, "24/7" neither 24 nor 7, "1:1" not twice one, and "Q&A" one. */
function withSigns(cut: Word[], text: string, from: number): Word[] {
  if (!MAY_HAVE_SIGNS.test(from ? text.slice(from) : text)) return cut;
  const out: Word[] = [];
  for (const word of cut) {
    let { start, end } = word;
    const last = out.at(-1);
    if (
      last &&
      /\d$/.test(last.text) &&
      /^\d/.test(word.text) &&
      /^[/:]$/.test(text.slice(last.end, start))
    ) {
      out.pop();
      start = last.start;
    }
    if (last && last.text.length === 1 && word.text.length === 1 && text.slice(last.end, start) === "&") {
      out.pop();
      start = last.start;
    }
    const behind = /^(?:\+\+|#)(?![\p{L}\p{N}])/u.exec(text.slice(end, end + 3));
    if (behind && /^\p{L}+$/u.test(word.text)) end += behind[0].length;
    if (
      /^\p{L}/u.test(word.text) &&
      text[start - 1] === "." &&
      (start === 1 || /[\s(]/.test(text[start - 2]!))
    )
      start--;
    out.push(start === word.start && end === word.end ? word : { text: text.slice(start, end), start, end });
  }
  return out;
}
