/** How rare words are in general text, from published counts cut to what the field's terms need (scripts/build-frequencies.ts). */
import { primaryLanguage } from "../../text/language";
import english from "./en.json";

interface FrequencyList {
  source: string;
  stepsAnOctave: number;
  unlisted: number;
  /** Stems by rarity in steps, parted by blanks. */
  words: Record<string, string>;
}

/** A new language is a file of its own and a line here. */
const lists: Record<string, FrequencyList> = { en: english };

export interface Frequencies {
  /** Natural logarithm of the words of general text for one occurrence of the stem; more is rarer. */
  rarity(stem: string): number;
}

const read = new Map<string, Frequencies>();
/** What every word counts as where nothing is known of a language: one in ten thousand. */
const UNKNOWN: Frequencies = { rarity: () => Math.log(10_000) };

/** @param language tag (BCP 47); in a language without a list all words are equally rare */
export function frequenciesOf(language: string): Frequencies {
  const code = primaryLanguage(language);
  const list = Object.hasOwn(lists, code) ? lists[code] : undefined;
  if (!list) return UNKNOWN;
  let known = read.get(code);
  if (!known) {
    const octave = Math.LN2 / list.stepsAnOctave;
    const byStem = new Map<string, number>();
    for (const [step, stems] of Object.entries(list.words))
      for (const stem of stems.split(" ")) byStem.set(stem, Number(step) * octave);
    known = { rarity: (stem) => byStem.get(stem) ?? list.unlisted * octave };
    read.set(code, known);
  }
  return known;
}
