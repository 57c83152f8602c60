/**
 * Shared terms: the words and phrases that competing pages share and general text does not.
 * The formulas are those of docs/scoring.md, "Competing pages".
 */

import type { AnalysedText } from "../text/analyse";
import { fold } from "../text/fold";
import type { LanguagePack } from "../text/packs/pack";
import type { Usage } from "../text/packs/usage";
import { isNounAt } from "../text/usage";
import type { Frequencies } from "./frequencies/frequencies";
import { eachPhrase, PhraseTable } from "./phrases";

export interface SharedTerm {
  /** Its stems, parted by blanks: the same for all its forms. */
  key: string;
  /** The commonest form, as written. */
  text: string;
  /** How many pages have it, and what share of all that is, 0 to 1. */
  pages: number;
  presence: number;
  /** Uses per 1,000 words: mean over all pages. */
  use: number;
  salience: number;
  /** Usual range: 20th to 80th percentile of the uses per 1,000 words over the pages that have it. */
  usual: [number, number];
  /** On 60 % of the pages or more; the others are the wider terms. */
  core: boolean;
}

/** What one page gives to the terms. */
export interface PageText {
  texts: readonly AnalysedText[];
  words: number;
}

export const MOST_TERMS = 60;
const LEAST_PAGES = 3;
const LEAST_PRESENCE = 0.25;
const CORE = 0.6;
/** A single word must be this many times as usual here as in general text, or it says nothing of the subject. */
const KEYNESS = 5;
/** The same for a word that the pages use as a verb, and for an adjective: what people do, and how things are, is said everywhere. Where nouns have capitals, what has none is no term at all. */
const VERB_KEYNESS = 20;
/** A phrase that is held by one longer phrase in more than this share of its uses is discounted. */
const HELD = 0.5;
/** A phrase of so many words is a term only where its words belong together. */
const LONG = 4;
const TOGETHER = 0.1;
const LOW = 0.2;
const HIGH = 0.8;

/** Phrases counted page by page, once; terms can then be taken of all pages or of all but one. */
export class TermCounts {
  readonly #table = new PhraseTable();
  readonly #words: number[];
  /** Phrases on enough pages to be a term at all. */
  readonly #candidates: Candidate[] = [];
  readonly #pages: readonly PageText[];
  readonly #measures: ReadonlySet<string>;
  readonly #hasCapitals: boolean;
  readonly #clings: RegExp | undefined;

  /** @param excluded keys that are no terms whatever they count: names of the sites, boilerplate */
  constructor(
    pages: readonly PageText[],
    frequencies: Frequencies,
    excluded: ReadonlySet<string>,
    { measures, usage, clings }: Pick<LanguagePack, "measures" | "usage" | "clings">,
  ) {
    this.#pages = pages;
    this.#measures = measures;
    this.#clings = clings;
    this.#hasCapitals = usage?.capitals ?? false;
    this.#words = pages.map(({ words }) => words);
    const onPages: number[] = [];
    const byPage = pages.map(({ texts }) => {
      const uses = new Map<number, number>();
      for (const text of texts)
        eachPhrase(text, this.#table, measures, (phrase) => {
          const n = uses.get(phrase);
          if (n === undefined) onPages[phrase] = (onPages[phrase] ?? 0) + 1;
          uses.set(phrase, (n ?? 0) + 1);
        });
      return uses;
    });
    // One page may be left out later.
    const least = Math.max(LEAST_PAGES, LEAST_PRESENCE * (pages.filter(({ words }) => words).length - 1));
    for (const [phrase, n] of onPages.entries()) {
      if (!n || n < least) continue;
      const stems = this.#table.stemsOf(phrase);
      if (excluded.has(stems.join(" "))) continue;
      if (stems.length >= LONG && this.#association(stems, byPage) < TOGETHER) continue;
      const rarity = stems.reduce((sum, stem) => sum + frequencies.rarity(stem), 0) / stems.length;
      this.#candidates.push({
        phrase,
        key: stems.join(" "),
        single: stems.length === 1,
        isVerb: false,
        rarity,
        uses: byPage.map((uses) => uses.get(phrase) ?? 0),
        parts: [],
      });
    }
    if (usage) this.#markVerbs(usage);
    const places = new Map(this.#candidates.map(({ phrase }, i) => [phrase, i]));
    for (const candidate of this.#candidates)
      candidate.parts = [...partsOf(candidate.phrase, this.#table)].flatMap((part) => places.get(part) ?? []);
  }

  /**
   * The most salient terms, the first first: salience = presence · ln(1 + uses per 1,000 words) · rarity, times the free
   * share of its uses where a longer phrase holds most of them (after the C-value of Frantzi, Ananiadou & Mima 2000).
   *
   * @param without a page that is left out
   */
  terms(without = -1, most = MOST_TERMS): SharedTerm[] {
    const of = this.#words.flatMap((words, i) => (i === without || !words ? [] : [i]));
    if (!of.length) return [];
    const least = Math.max(LEAST_PAGES, LEAST_PRESENCE * of.length);
    const counted = this.#candidates.map((candidate): Counted | null => {
      const { uses, rarity, single, isVerb } = candidate;
      let total = 0;
      let rates = 0;
      let pages = 0;
      for (const i of of) {
        const n = uses[i]!;
        if (!n) continue;
        pages++;
        total += n;
        rates += (1000 * n) / this.#words[i]!;
      }
      const use = rates / of.length;
      if (
        pages < least ||
        (single && (use / 1000) * Math.exp(rarity) < (isVerb ? this.#verbKeyness : KEYNESS))
      )
        return null;
      const presence = pages / of.length;
      return { candidate, total, pages, presence, use, salience: presence * Math.log(1 + use) * rarity };
    });
    discountHeld(counted);
    const kept = counted
      .filter((one): one is Counted => one !== null && one.salience > 0)
      .sort((a, b) => b.salience - a.salience || (a.candidate.key < b.candidate.key ? -1 : 1))
      .slice(0, most);
    const forms = this.#writtenForms();
    return kept.map(({ candidate: { phrase, key, uses }, pages, presence, use, salience }) => {
      const rates = of
        .filter((i) => uses[i])
        .map((i) => (1000 * uses[i]!) / this.#words[i]!)
        .sort((a, b) => a - b);
      return {
        key,
        text: forms.get(phrase) ?? key,
        pages,
        presence,
        use,
        salience,
        usual: [percentile(rates, LOW), percentile(rates, HIGH)],
        core: presence >= CORE,
      };
    });
  }

  /**
   * How much the words of a phrase belong together: fair symmetric conditional probability (da Silva & Lopes 1999), f² over the mean, over
   * all places where the phrase can be cut in two, of f(first part) · f(second part). 0 to 1; 1 where neither part ever stands without the other.
   * Cut only between words that carry a subject, since no others are counted.
   */
  #association(stems: readonly string[], byPage: readonly ReadonlyMap<number, number>[]): number {
    const usesOf = (part: readonly string[]): number => {
      const phrase = part.reduce((at, stem) => this.#table.child(at, stem), -1);
      return byPage.reduce((sum, uses) => sum + (uses.get(phrase) ?? 0), 0);
    };
    const products = stems
      .slice(1)
      .map((_, i) => usesOf(stems.slice(0, i + 1)) * usesOf(stems.slice(i + 1)))
      .filter(Boolean);
    if (!products.length) return 1;
    const mean = products.reduce((sum, one) => sum + one, 0) / products.length;
    return usesOf(stems) ** 2 / mean;
  }

  /** Is a single word a term or none by whether it is a verb, whichever page is left out? */
  #mayBeEither({ single, uses, rarity }: Candidate): boolean {
    if (!single) return false;
    const rates: number[] = [];
    for (const [i, n] of uses.entries()) if (this.#words[i]) rates.push((1000 * n) / this.#words[i]!);
    const sum = rates.reduce((all, rate) => all + rate, 0);
    const means = [sum / rates.length, ...rates.map((rate) => (sum - rate) / Math.max(1, rates.length - 1))];
    const keyness = (use: number) => (use / 1000) * Math.exp(rarity);
    return keyness(Math.max(...means)) >= KEYNESS && keyness(Math.min(...means)) < this.#verbKeyness;
  }

  get #verbKeyness(): number {
    return this.#hasCapitals ? Number.POSITIVE_INFINITY : VERB_KEYNESS;
  }

  /** Marks single words that the pages use as verbs more often than as nouns, wherever the words around them tell; and adjectives, which say of everything how it is: "low", "usual". */
  #markVerbs(usage: Usage): void {
    const singles = new Map(
      this.#candidates.filter((one) => this.#mayBeEither(one)).map((one) => [one.phrase, one]),
    );
    const nouns = new Map<Candidate, number>();
    for (const { texts } of this.#pages)
      for (const text of texts)
        for (const [at, { stem }] of text.tokens.entries()) {
          const candidate = singles.get(this.#table.child(-1, stem));
          if (candidate)
            nouns.set(
              candidate,
              (nouns.get(candidate) ?? 0) +
                (usage.adjectives.has(text.tokens[at]!.folded) ? -1 : weightOf(isNounAt(text, at, usage))),
            );
        }
    for (const [candidate, n] of nouns) candidate.isVerb = n < 0;
  }

  #forms: Map<number, string> | undefined;

  /** The commonest form of each candidate over all pages, as written in the middle of a sentence where it is written there. */
  #writtenForms(): Map<number, string> {
    this.#forms ??= this.#countForms(new Set(this.#candidates.map(({ phrase }) => phrase)));
    return this.#forms;
  }

  #countForms(phrases: ReadonlySet<number>): Map<number, string> {
    const forms = new Map<number, Map<string, number>>();
    for (const { texts } of this.#pages)
      for (const analysed of texts)
        eachPhrase(analysed, this.#table, this.#measures, (phrase, from, to) => {
          if (!phrases.has(phrase)) return;
          const { text, tokens } = analysed;
          const { start, folded } = tokens[from]!;
          // "L'autonomie" is a form of "autonomie".
          const article = this.#clings?.exec(folded);
          const begins = start + (article?.index === 0 ? article[0].length : 0);
          const form = text.slice(begins, tokens[to]!.end).replace(/\s+/g, " ");
          const counts = forms.get(phrase) ?? new Map<string, number>();
          forms.set(phrase, counts.set(form, (counts.get(form) ?? 0) + 1));
        });
    return new Map(
      [...forms].map(([phrase, counts]) => {
        // Forms that differ in capitals alone count together; the lower one is shown, since headings lend theirs, but of nouns that have them.
        const isUpper = this.#hasCapitals && this.#table.lengths[phrase] === 1;
        const byFold = new Map<string, { n: number; form: string }>();
        for (const [form, n] of [...counts].sort(([a], [b]) => (a < b === isUpper ? -1 : 1))) {
          const key = fold(form);
          const same = byFold.get(key);
          if (same) same.n += n;
          else byFold.set(key, { n, form });
        }
        const [best] = [...byFold.values()].sort((a, b) => b.n - a.n || (a.form < b.form ? -1 : 1));
        return [phrase, best!.form];
      }),
    );
  }
}

const weightOf = (isNoun: boolean | undefined): number => (isNoun === undefined ? 0 : isNoun ? 1 : -1);

/** A phrase that may be a term. */
interface Candidate {
  phrase: number;
  key: string;
  single: boolean;
  isVerb: boolean;
  rarity: number;
  /** By page. */
  uses: number[];
  /** Places among the candidates of the phrases that it holds. */
  parts: number[];
}

interface Counted {
  candidate: Candidate;
  total: number;
  pages: number;
  presence: number;
  use: number;
  salience: number;
}

/** @param counted by candidate; null where it is no term */
function discountHeld(counted: readonly (Counted | null)[]): void {
  const shares = new Map<Counted, number>();
  for (const holder of counted) {
    if (!holder) continue;
    for (const part of holder.candidate.parts) {
      const held = counted[part];
      if (held) shares.set(held, Math.max(shares.get(held) ?? 0, holder.total / held.total));
    }
  }
  for (const [held, share] of shares) if (share > HELD) held.salience *= Math.max(0, 1 - share);
}

function partsOf(phrase: number, table: PhraseTable): Set<number> {
  const stems = table.stemsOf(phrase);
  const parts = new Set<number>();
  for (let from = 0; from < stems.length; from++) {
    let at = -1;
    for (let to = from; to < stems.length; to++) {
      at = table.child(at, stems[to]!);
      if (to - from + 1 < stems.length) parts.add(at);
    }
  }
  return parts;
}

/** Percentile of sorted numbers by linear interpolation between the closest ranks (Hyndman & Fan 1996, type 7). */
export function percentile(sorted: readonly number[], share: number): number {
  if (!sorted.length) return 0;
  const at = share * (sorted.length - 1);
  const low = Math.floor(at);
  return sorted[low]! + (at - low) * ((sorted[low + 1] ?? sorted[low]!) - sorted[low]!);
}
