/** What is measured of texts that sound as a voice should. */
import { passivesIn } from "../marking/passive";
import { type AnalysedText, analyseText } from "../text/analyse";
import type { LanguagePack } from "../text/packs/pack";
import { proseOf, sumsIn, sumsOf } from "../text/prose";
import { readingEase } from "../text/readability";

export interface VoiceMeasure {
  sentences: number;
  words: number;
  /** Words a sentence: their mean, and their standard deviation. */
  length: number;
  spread: number;
  /** By the language's own formula; null where it has none. */
  ease: number | null;
  /** Shares of the sentences, 0 to 1. */
  we: number;
  you: number;
  i: number;
  questions: number;
  /** Null where the language has no rules for it. */
  passive: number | null;
  /** Contractions ("don't") by 100 words; null where the language has none. */
  contractions: number | null;
  /** What sentences begin with most often, at most five. */
  openings: string[];
}

/** Fewer sentences than that say nothing of a voice. */
export const LEAST_SENTENCES = 8;
const MOST_OPENINGS = 5;

/** First and second persons, folded, by language. */
const PERSONS: Record<string, { i: string; we: string; you: string }> = {
  en: { i: "i me my mine", we: "we us our ours", you: "you your yours" },
  de: {
    i: "ich mich mir mein meine",
    we: "wir uns unser unsere",
    you: "du dich dir dein deine ihr euch sie ihnen ihre",
  },
  fr: { i: "je moi mon ma mes", we: "nous notre nos", you: "tu toi ton ta tes vous votre vos" },
  es: {
    i: "yo mi mis",
    we: "nosotros nosotras nuestro nuestra nuestros nuestras",
    you: "tu usted ustedes vosotros su sus",
  },
  it: { i: "io mio mia", we: "noi nostro nostra nostri nostre", you: "tu voi tuo tua vostro vostra" },
  nl: { i: "ik mij mijn", we: "wij we ons onze", you: "je jij jou jouw u uw" },
  pt: { i: "eu meu minha", we: "nos nosso nossa nossos nossas", you: "voce voces tu teu tua seu sua" },
};
const CONTRACTION = /n't$|'(?:s|re|ve|ll|d|m)$/;
/** Languages in which contracting is a choice of tone. */
const CONTRACTS = new Set(["en"]);

/** A sentence with what is measured of it alone. */
export interface MeasuredSentence {
  text: string;
  words: number;
  person: { i: boolean; we: boolean; you: boolean };
  question: boolean;
  passive: boolean;
  contractions: number;
  opening: string;
}

export function measuredSentences(text: string, pack: LanguagePack): MeasuredSentence[] {
  return text.split(/\n+/).flatMap((line) => (line.trim() ? inLine(analyseText(line, pack), pack) : []));
}

function inLine(analysed: AnalysedText, pack: LanguagePack): MeasuredSentence[] {
  const words = PERSONS[pack.code];
  const sets = words && {
    i: new Set(words.i.split(" ")),
    we: new Set(words.we.split(" ")),
    you: new Set(words.you.split(" ")),
  };
  const passives = passivesIn(analysed, pack);
  const { text, tokens } = analysed;
  return proseOf(analysed).sentences.map(({ words: length, first }): MeasuredSentence => {
    const own = tokens.slice(first, first + length);
    const end = tokens[first + length]?.start ?? text.length;
    const start = own[0]!.start;
    const said = text.slice(start, end).trim();
    const has = (set: ReadonlySet<string> | undefined) => own.some(({ folded }) => set?.has(folded) ?? false);
    return {
      text: said,
      words: length,
      person: { i: has(sets?.i), we: has(sets?.we), you: has(sets?.you) },
      question: /\?["'”’)]*$/u.test(said),
      passive: passives.some((span) => span.start >= start && span.end <= end),
      contractions: CONTRACTS.has(pack.code)
        ? own.filter(({ folded }) => CONTRACTION.test(folded)).length
        : 0,
      opening: own[0]!.folded,
    };
  });
}

/** @returns null where there are too few sentences */
export function measureVoice(texts: readonly string[], pack: LanguagePack): VoiceMeasure | null {
  const sentences = texts.flatMap((text) => measuredSentences(text, pack));
  if (sentences.length < LEAST_SENTENCES) return null;
  const share = (is: (one: MeasuredSentence) => boolean) => sentences.filter(is).length / sentences.length;
  const words = sentences.reduce((sum, one) => sum + one.words, 0);
  const length = words / sentences.length;
  const openings = new Map<string, number>();
  for (const { opening } of sentences) openings.set(opening, (openings.get(opening) ?? 0) + 1);
  const sums = sumsOf(
    texts.flatMap((text) => text.split(/\n+/).map((line) => sumsIn(proseOf(analyseText(line, pack))))),
  );
  return {
    sentences: sentences.length,
    words,
    length,
    spread: Math.sqrt(sentences.reduce((sum, one) => sum + (one.words - length) ** 2, 0) / sentences.length),
    ease: readingEase(sums, pack),
    i: share(({ person }) => person.i),
    we: share(({ person }) => person.we),
    you: share(({ person }) => person.you),
    questions: share(({ question }) => question),
    passive: pack.passive ? share((one) => one.passive) : null,
    contractions: CONTRACTS.has(pack.code)
      ? (100 * sentences.reduce((sum, one) => sum + one.contractions, 0)) / words
      : null,
    openings: [...openings]
      .filter(([, uses]) => uses > 1)
      .sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1))
      .slice(0, MOST_OPENINGS)
      .map(([word]) => word),
  };
}
