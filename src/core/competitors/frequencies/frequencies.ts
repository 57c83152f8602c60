/** How rare words are in general text, from published counts cut to what shared terms need (scripts/buildFrequencies.ts). */
import { once } from "../../once";
import { primaryLanguage } from "../../text/language";
import german from "./de.json";
import english from "./en.json";
import spanish from "./es.json";
import french from "./fr.json";
import italian from "./it.json";
import dutch from "./nl.json";
import portuguese from "./pt.json";

interface FrequencyLists {
  source: string;
  stepsAnOctave: number;
  /** Of what people say, and of what they write. */
  spoken: FrequencyList;
  written?: FrequencyList;
}

interface FrequencyList {
  /** Rarity of what is not listed, in steps. */
  unlisted: number;
  /** Stems by rarity in steps, separated by blanks. */
  words: Record<string, string>;
}

/** Rarity: the natural logarithm of the words of general text for one occurrence of a stem; more is rarer. */
export interface Frequencies {
  /** In the text that has more of it, what people say or what they write: a word is a term only where it is rare in both. */
  rarity(stem: string): number;
  /** In what people say: what is common in writing alone ("configuration") is still what a heading is about. */
  spokenRarity(stem: string): number;
}

/** A new language is a file of its own and a line here. */
const lists: Record<string, () => Frequencies> = {
  en: once(() => readLists(english)),
  de: once(() => readLists(german)),
  fr: once(() => readLists(french)),
  es: once(() => readLists(spanish)),
  nl: once(() => readLists(dutch)),
  it: once(() => readLists(italian)),
  pt: once(() => readLists(portuguese)),
};
/** What every word counts as where nothing is known of a language: one in ten thousand. */
const UNKNOWN: Frequencies = { rarity: () => Math.log(10_000), spokenRarity: () => Math.log(10_000) };

/** @param language tag (BCP 47); in a language without a list all words are equally rare */
export function frequenciesOf(language: string): Frequencies {
  const code = primaryLanguage(language);
  return Object.hasOwn(lists, code) ? lists[code]!() : UNKNOWN;
}

function readLists({ stepsAnOctave, spoken, written }: FrequencyLists): Frequencies {
  const octave = Math.LN2 / stepsAnOctave;
  const said = readList(spoken, octave);
  if (!written) return { rarity: said, spokenRarity: said };
  const wrote = readList(written, octave);
  return { rarity: (stem) => Math.min(said(stem), wrote(stem)), spokenRarity: said };
}

function readList({ words, unlisted }: FrequencyList, octave: number): (stem: string) => number {
  const byStem = new Map<string, number>();
  for (const [step, stems] of Object.entries(words))
    for (const stem of stems.split(" ")) byStem.set(stem, Number(step) * octave);
  return (stem) => byStem.get(stem) ?? unlisted * octave;
}
