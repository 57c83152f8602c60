import type { LanguagePack } from "./packs/pack";
import { sentences } from "./sentences";
import { type WordFacts, wordFacts } from "./wordFacts";
import { type Word, words } from "./words";

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
  sentenceCount: number;
}

const HYPHEN = /^[-\u2010\u2011\u00AD]$/;

/** Cuts a text into tokens with stems and sentence numbers. */
export function analyseText(text: string, pack: LanguagePack): AnalysedText {
  const cut = withSigns(words(text), text);
  if (!cut.length) return { text, tokens: [], sentenceCount: 0 };
  const spans = sentences(text, pack);
  let sentence = 0;
  const factsOf = wordFacts(pack);
  const tokens = cut.map((word, i): Token => {
    while (sentence < spans.length - 1 && word.start >= spans[sentence]!.end) sentence++;
    const facts = factsOf(word.text);
    const next = cut[i + 1];
    return {
      start: word.start,
      end: word.end,
      folded: facts.folded,
      stem: facts.stem,
      otherStem: facts.otherStem,
      small: facts.small,
      sentence,
      joinsNext: next !== undefined && next.start > word.end && HYPHEN.test(text.slice(word.end, next.start)),
      facts,
    };
  });
  return { text, tokens, sentenceCount: spans.length };
}

const MAY_HAVE_SIGNS = /[#/]|\+\+|(?:^|\s|\()\./;

/** Words with the signs that make other words of them: "C++" is not C, ".NET" no net, and "24/7" neither 24 nor 7. */
function withSigns(cut: Word[], text: string): Word[] {
  if (!MAY_HAVE_SIGNS.test(text)) return cut;
  const out: Word[] = [];
  for (const word of cut) {
    let { start, end } = word;
    const last = out.at(-1);
    if (last && /\d$/.test(last.text) && /^\d/.test(word.text) && text.slice(last.end, start) === "/") {
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
