/** A language pack from word lists as people write them: folded, stemmed and joined with the language's Snowball stemmer. */
import snowball from "snowball-stemmers";
import { fold } from "../fold";
import type { LanguagePack, Passive, Readability } from "./pack";

export interface PackWords {
  code: string;
  name: string;
  /** Name of the Snowball algorithm. */
  stemmer: string;
  /** What clings to the beginning or end of a word and is none of it: "l'", "'s". Tested against the folded word. */
  clings?: RegExp;
  /** Folds spellings of the language's regions, and endings that the stemmer knows only with their accents, before stemming. */
  prepare?(folded: string): string;
  /** Puts right what the stemmer leaves apart. */
  finish?(stem: string): string;
  /** Irregular forms: words of one meaning, "|" or a new line between them. */
  alike: string;
  /** How infinitives end: where one comes first among words that are alike, whatever else has its stem is alike too. */
  infinitive?: RegExp;
  /**
   * Irregular verbs, as above: the infinitive first, the participle last; prefixes that may stand before any of their forms, and
   * endings that the participle takes.
   */
  verbs?: { forms: string; prefixes: string; endings?: string };
  /** Words that the stemmer joins with others of another meaning, in the same form: each keeps to itself. */
  apart?: string;
  smallWords: string;
  abbreviations: string;
  /** "|" between them, as the phrases below. */
  vagueLinkTexts: string;
  altOpening: RegExp;
  months: string;
  furniture: string;
  furnitureHeadings: string;
  measures: string;
  capitals?: readonly (readonly [string, string])[];
  /** Everyday subjects of headings, a line each, by the words that name them. */
  subjects?: readonly string[];
  stepOpening: RegExp;
  comparing: RegExp;
  passive?: Passive;
  readability: Readability;
  fillers?: readonly string[];
  claims?: LanguagePack["claims"];
}

/** A set of words from a text, folded. */
export const list = (words: string): ReadonlySet<string> => new Set(fold(words).split(/\s+/).filter(Boolean));
/** The same unfolded: for what accents tell apart. */
export const accented = (words: string): ReadonlySet<string> =>
  new Set(words.normalize("NFC").split(/\s+/).filter(Boolean));
const phrases = (text: string): string[] =>
  fold(text)
    .replace(/['"]/g, "")
    .split("|")
    .map((phrase) => phrase.trim());

/** Stems repeat endlessly in prose; a stem costs far more than a look-up. */
const KNOWN_LIMIT = 50_000;
/** What a Snowball stemmer can read once accents are folded. */
const STEMMED = /^[a-z']+$/;

export function makePack(words: PackWords): LanguagePack {
  const snow = snowball.newStemmer(words.stemmer);
  const listed = exceptions(`${words.alike}\n${words.apart ?? ""}`);
  const known = new Map<string, string>();
  const { clings, prepare = (word) => word, finish = (made) => made } = words;
  const infinitiveOf = verbForms(words.verbs);
  const regular = (word: string) => finish(snow.stem(prepare(word)));
  // Regular forms of a verb that nobody listed meet the irregular ones.
  const stems = new Map<string, string>();
  for (const key of new Set(exceptions(words.alike).values())) {
    const stem = regular(key.slice(1));
    if (words.infinitive?.test(key) && !stems.has(stem)) stems.set(stem, key);
  }
  const stem = (folded: string): string => {
    const hit = known.get(folded);
    if (hit !== undefined) return hit;
    const bare = (clings && folded.replace(clings, "")) || folded;
    const verb = infinitiveOf(bare);
    const plain = prepare(verb);
    const made = STEMMED.test(plain) ? finish(snow.stem(plain)) : plain;
    const key = listed.get(bare) ?? listed.get(verb) ?? listed.get(plain) ?? stems.get(made) ?? made;
    if (known.size >= KNOWN_LIMIT) known.clear();
    known.set(folded, key);
    return key;
  };
  const stemmed = (phrase: string) => phrase.split(" ").map(stem).join(" ");
  return {
    code: words.code,
    name: words.name,
    known: true,
    stem,
    smallWords: list(words.smallWords),
    abbreviations: list(words.abbreviations),
    vagueLinkTexts: new Set(phrases(words.vagueLinkTexts)),
    altOpening: words.altOpening,
    months: list(words.months),
    furniture: new Set(phrases(words.furniture).map(stemmed)),
    furnitureHeadings: new Set(phrases(words.furnitureHeadings)),
    capitals: new Map(words.capitals ?? []),
    measures: list(words.measures),
    subjects: new Map(
      (words.subjects ?? []).flatMap((line) => {
        const stems = fold(line).split(" ").map(stem);
        return stems.map((one): [string, string] => [one, stems[0]!]);
      }),
    ),
    stepOpening: words.stepOpening,
    comparing: words.comparing,
    ...(words.passive && { passive: words.passive }),
    readability: words.readability,
    ...(words.fillers && { fillers: words.fillers }),
    ...(words.claims && { claims: words.claims }),
  };
}

/** Shorter forms with a prefix before them are other words as often as not. */
const LEAST_AFTER_PREFIX = 5;

/** @returns the infinitive of an irregular form, its prefix before it; any other word as it is */
function verbForms(verbs: NonNullable<PackWords["verbs"]> = { forms: "", prefixes: "" }) {
  const { forms, prefixes, endings = "" } = verbs;
  const infinitives = new Map<string, string>();
  for (const line of fold(forms).split(/[|\n]/)) {
    const [infinitive, ...others] = line.split(/\s+/).filter(Boolean);
    const participles = endings.split(" ").map((ending) => `${others.at(-1)}${ending}`);
    for (const form of [...others, ...participles])
      if (!infinitives.has(form)) infinitives.set(form, infinitive!);
  }
  const before = fold(prefixes).split(/\s+/).filter(Boolean);
  return (word: string): string => {
    const own = infinitives.get(word);
    if (own) return own;
    for (const prefix of before) {
      const rest = word.slice(prefix.length);
      if (rest.length < LEAST_AFTER_PREFIX || !word.startsWith(prefix)) continue;
      // Where a prefix stands that does not part, the participle has no "ge".
      const infinitive = infinitives.get(rest) ?? infinitives.get(`ge${rest}`);
      if (infinitive) return prefix + infinitive;
    }
    return word;
  };
}

/** Keys for listed words: ones that no stem can equal, so that a listed word never meets an unlisted one by accident. */
function exceptions(text: string): ReadonlyMap<string, string> {
  const map = new Map<string, string>();
  for (const line of fold(text).split(/[|\n]/)) {
    const forms = line.split(/\s+/).filter(Boolean);
    for (const form of forms) if (!map.has(form)) map.set(form, `=${forms[0]}`);
  }
  return map;
}
