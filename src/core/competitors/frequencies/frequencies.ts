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

interface FrequencyList {
  source: string;
  stepsAnOctave: number;
  unlisted: number;
  /** Stems by rarity in steps, separated by blanks. */
  words: Record<string, string>;
}

export interface Frequencies {
  /** Natural logarithm of the words of general text for one occurrence of the stem; more is rarer. */
  rarity(stem: string): number;
}

/** A new language is a file of its own and a line here. */
const lists: Record<string, () => Frequencies> = {
  en: once(() => readList(english)),
  de: once(() => readList(german)),
  fr: once(() => readList(french)),
  es: once(() => readList(spanish)),
  nl: once(() => readList(dutch)),
  it: once(() => readList(italian)),
  pt: once(() => readList(portuguese)),
};
/** What every word counts as where nothing is known of a language: one in ten thousand. */
const UNKNOWN: Frequencies = { rarity: () => Math.log(10_000) };

/** @param language tag (BCP 47); in a language without a list all words are equally rare */
export function frequenciesOf(language: string): Frequencies {
  const code = primaryLanguage(language);
  return Object.hasOwn(lists, code) ? lists[code]!() : UNKNOWN;
}

function readList({ words, stepsAnOctave, unlisted }: FrequencyList): Frequencies {
  const octave = Math.LN2 / stepsAnOctave;
  const byStem = new Map<string, number>();
  for (const [step, stems] of Object.entries(words))
    for (const stem of stems.split(" ")) byStem.set(stem, Number(step) * octave);
  return { rarity: (stem) => byStem.get(stem) ?? unlisted * octave };
}
