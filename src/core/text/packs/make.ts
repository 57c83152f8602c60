/** A language pack from word lists as people write them: folded, stemmed and joined with the language's Snowball stemmer. */
import snowball from "snowball-stemmers";
import { once } from "../../once";
import { fold } from "../fold";
import { accented, list, phrases } from "./lists";
import type { LanguagePack, Passive, Readability } from "./pack";
import { makeUsage, type UsageWords } from "./usage";

export interface PackWords {
  /** Name of the Snowball algorithm. */
  stemmer: string;
  /** What clings to the beginning or end of a word and is none of it: "l'", "'s". Tested against the folded word. */
  clings?: RegExp;
  /** Folds spellings of the language's regions, and endings that the stemmer knows only with their accents, before stemming. */
  prepare?(folded: string): string;
  /**
   * The stemmer looks for endings too late in short words that begin with a vowel ("usare", "abrir"); true to have them stemmed as
   * though a consonant stood before.
   */
  afterVowel?: true;
  /** Puts right what the stemmer leaves apart. */
  finish?(stem: string): string;
  /** Irregular forms: words of one meaning, "|" or a new line between them. */
  alike: string;
  /** How infinitives end: where one comes first among words that are listed, whatever else has its stem is of their kind too. */
  infinitive?: RegExp;
  /**
   * Irregular verbs, as above: the infinitive first, the participle last; prefixes that may stand before any of their forms, and
   * how else the participle ends by gender, number or case. `stay` are prefixes that never part from the verb, so that its participle
   * has no "ge". `shortest` is how long the rest has to be, in letters: five, or what follows is another word as often as not.
   */
  verbs?: {
    forms: string;
    prefixes: string;
    stay?: string;
    shortest?: number;
    agreeing?(participle: string): string[];
  };
  /** Forms that are words of their own too, after the word that they may belong to: "build building". Prefixes of verbs go for them as well. */
  perhaps?: string;
  /** The same by rule, for endings that nouns have as well: the form of a verb that a word may stand for, or the word itself. */
  perhapsForm?(folded: string): string;
  /** Words that the stemmer joins with others of another meaning, in the same form: each keeps to itself. */
  apart?: string;
  smallWords: string;
  /** Words with accents that would be small ones without. */
  noSmallWords?: string;
  leaning: string;
  pointing: RegExp;
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
  /** Endings of nouns that say what is done, each before that of their verb: "age er" for "nettoyage", "nettoyer". */
  deverbal?: string;
  /** Endings by which nouns are made of verbs and verbs of nouns, where the stemmer leaves them. */
  derivedBy?: RegExp;
  stepOpening: RegExp;
  comparing: RegExp;
  passive?: Passive;
  readability: Readability;
  usage?: UsageWords;
  fillers?: readonly string[];
  claims?: LanguagePack["claims"];
}

/** Forms of verbs whose stems change: lines of an infinitive and its other stems ("cerrar cierr"), each stem with each ending. */
export const withEndings = (endings: string, verbs: string): string =>
  verbs
    .split(/[|\n]/)
    .map((line) => {
      const [infinitive, ...stems] = line.trim().split(/\s+/);
      return [infinitive, ...stems.flatMap((stem) => endings.split(" ").map((ending) => stem + ending))].join(
        " ",
      );
    })
    .join("|");

/** Plurals of abbreviations, in any language: "PDFs", "TVs"; those that have a vowel are listed. */
const ABBREVIATIONS =
  /^(?!(?:mrs|hrs|sms|gps|dns|cms|css|wms|rss|pms|tls|https?|mss)$)[bcdfghjklmnpqrstvwxz]{2,4}s$/;
const WITH_VOWELS =
  "kpi kpis|cta ctas|api apis|faq faqs|url urls|suv suvs|gpu gpus|cpu cpus|ngo ngos|usp usps|app apps";

/** Stems repeat endlessly in prose; a stem costs far more than a look-up. */
const KNOWN_LIMIT = 50_000;
/** What a Snowball stemmer can read once accents are folded. */
const STEMMED = /^[a-z']+$/;
const VOWEL_FIRST = /^[aeiou]/;

/** A language that has a pack. */
export interface PackedLanguage {
  code: string;
  name: string;
  /** Its pack, made when it is first asked for: who writes in one language waits for one. */
  pack(): LanguagePack;
}

/**
 * @param code primary language subtag of BCP 47
 * @param words called once, when the pack is first asked for
 */
export const definePack = (code: string, name: string, words: () => PackWords): PackedLanguage => ({
  code,
  name,
  pack: once(() => makePack(code, name, words())),
});

/** Letters that a verb keeps before its ending. */
const SHORTEST_BASE = 3;

/** @param deverbal pairs of endings, "|" between them */
function otherKinds(deverbal = ""): LanguagePack["otherKinds"] {
  const endings = deverbal.split("|").map((pair) => pair.split(" "));
  return (folded) =>
    endings.flatMap(([noun, verb]) =>
      [
        [noun, verb],
        [verb, noun],
      ].flatMap(([from, to]) =>
        from && folded.endsWith(from) && folded.length >= from.length + SHORTEST_BASE
          ? [folded.slice(0, -from.length) + to]
          : [],
      ),
    );
}

/** Accents tell some apart from small words that lean on nothing: "là" from "la", "él" from "el", "sí" from "si". */
function leaningWords(words: Pick<PackWords, "leaning" | "smallWords">): LanguagePack["leans"] {
  const asWritten = accented(words.leaning);
  const folded = list(words.leaning);
  const others = new Set([...accented(words.smallWords)].filter((word) => !asWritten.has(word)));
  return (word) => {
    const lower = word.toLowerCase().normalize("NFC");
    return asWritten.has(lower) || (folded.has(fold(lower)) && !others.has(lower));
  };
}

function makePack(code: string, name: string, words: PackWords): LanguagePack {
  const snow = snowball.newStemmer(words.stemmer);
  const listed = exceptions(`${words.alike}\n${words.apart ?? ""}\n${WITH_VOWELS}`);
  const cache = new Map<string, string>();
  const { clings, prepare = (word) => word, finish = (stem) => stem, perhapsForm = (word) => word } = words;
  const infinitiveOf = verbForms(words.verbs);
  const perhapsOf = verbForms({
    ...words.verbs,
    forms: words.perhaps ?? "",
    prefixes: words.verbs?.prefixes ?? "",
  });
  const snowballed = (word: string) =>
    words.afterVowel && VOWEL_FIRST.test(word) ? snow.stem(`b${word}`).slice(1) : snow.stem(word);
  const regular = (word: string) => finish(snowballed(prepare(word)));
  // Regular forms of a verb that nobody listed meet the irregular ones.
  const stems = new Map<string, string>();
  for (const key of new Set(listed.values())) {
    const stem = regular(key.slice(1));
    if (words.infinitive?.test(key) && !stems.has(stem)) stems.set(stem, key);
  }
  const stem = (folded: string): string => {
    const hit = cache.get(folded);
    if (hit !== undefined) return hit;
    const own = (clings && folded.replace(clings, "")) || folded;
    const bare = ABBREVIATIONS.test(own) ? own.slice(0, -1) : own;
    const verb = infinitiveOf(bare);
    const prepared = prepare(verb);
    // "Cubiertos": irregular once its plural is told.
    const again = prepared === verb ? prepared : infinitiveOf(prepared);
    const plain = again === prepared ? prepared : prepare(again);
    const regularStem = STEMMED.test(plain) ? finish(snowballed(plain)) : plain;
    const key =
      listed.get(bare) ?? listed.get(verb) ?? listed.get(plain) ?? stems.get(regularStem) ?? regularStem;
    if (cache.size >= KNOWN_LIMIT) cache.clear();
    cache.set(folded, key);
    return key;
  };
  const others = new Map<string, string | undefined>();
  const otherStem = (folded: string): string | undefined => {
    if (others.has(folded)) return others.get(folded);
    const bare = (clings && folded.replace(clings, "")) || folded;
    const listedOther = perhapsOf(bare);
    const other = listedOther === bare ? perhapsForm(bare) : listedOther;
    const otherStemmed = other === bare ? undefined : stem(other);
    const key = otherStemmed === stem(folded) ? undefined : otherStemmed;
    if (others.size >= KNOWN_LIMIT) others.clear();
    others.set(folded, key);
    return key;
  };
  const stemmed = (phrase: string) => phrase.split(" ").map(stem).join(" ");
  return {
    code,
    name,
    supported: true,
    stem,
    otherStem,
    ...(clings && { clings }),
    smallWords: list(words.smallWords),
    noSmallWords: accented(words.noSmallWords ?? ""),
    leans: leaningWords(words),
    pointing: words.pointing,
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
    otherKinds: otherKinds(words.deverbal),
    ...(words.derivedBy && { derived: (one: string) => one.replace(words.derivedBy!, "") }),
    stepOpening: words.stepOpening,
    comparing: words.comparing,
    ...(words.passive && { passive: words.passive }),
    readability: words.readability,
    ...(words.usage && { usage: makeUsage(words.usage) }),
    ...(words.fillers && { fillers: words.fillers }),
    ...(words.claims && { claims: words.claims }),
  };
}

/** @returns the infinitive of an irregular form, its prefix before it; any other word as it is */
function verbForms(verbs: NonNullable<PackWords["verbs"]> = { forms: "", prefixes: "" }) {
  const { forms, prefixes, stay = "", shortest = 5, agreeing = () => [] } = verbs;
  const infinitives = new Map<string, string>();
  for (const line of fold(forms).split(/[|\n]/)) {
    const [infinitive, ...others] = line.split(/\s+/).filter(Boolean);
    for (const form of [infinitive, ...others, ...others.slice(-1).flatMap(agreeing)])
      if (form && !infinitives.has(form)) infinitives.set(form, infinitive!);
  }
  const staying = list(stay);
  const before = [...list(prefixes), ...staying];
  return (word: string): string => {
    const own = infinitives.get(word);
    if (own) return own;
    for (const prefix of before) {
      const rest = word.slice(prefix.length);
      if (rest.length < shortest || !word.startsWith(prefix)) continue;
      const infinitive =
        infinitives.get(rest) ?? (staying.has(prefix) ? infinitives.get(`ge${rest}`) : undefined);
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
