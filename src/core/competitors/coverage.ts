/**
 * What a draft or an outline covers of what competing pages share: terms, heading topics, and chosen questions. Facts of a block rest on the
 * block alone, so that after an edit only the edited block is looked at again.
 */
import type { Block } from "../draft/draft";
import { Remembered, same } from "../memo";
import { perText } from "../once";
import { bandShare } from "../shares";
import type { AnalysedText, Token } from "../text/analyse";
import type { LanguagePack } from "../text/packs/pack";
import type { CompetitorMeasure } from "./measure";
import { joined } from "./phrases";
import { contentStems } from "./questions";
import { type SubjectsOf, subjectsAlone, subjectsBySets } from "./subjectWords";

export interface Coverage {
  terms: TermCoverage[];
  topics: TopicCoverage[];
  questions: QuestionCoverage[];
}

export interface TermCoverage {
  key: string;
  text: string;
  core: boolean;
  salience: number;
  count: number;
  /** Usual range, scaled to the draft's length; never less than one use. */
  low: number;
  high: number;
  /** 0 to 1. */
  share: number;
}

export interface TopicCoverage {
  label: string;
  presence: number;
  /** Median place in the competing pages. */
  place: number;
  level: number;
  covered: boolean;
  /** Place of the heading that covers it among the blocks; null where a section does, or nothing. */
  heading: number | null;
}

export interface QuestionCoverage {
  text: string;
  answered: boolean;
  /** There is a heading for it, with text enough or not. */
  heading: number | null;
}

export interface CoverageRules {
  /** What a term used too often still earns, and how many times the usual range earns no more than that. */
  overShare: number;
  overFactor: number;
  /** Words that an answer has at least. */
  answerWords: number;
}

interface TrieNode {
  next: Map<string, TrieNode>;
  term: number;
}

/** What competing pages share, made ready to be looked for. */
export interface CompiledShared {
  measure: CompetitorMeasure;
  questions: { stems: ReadonlySet<string>; as: Remembered<boolean, number | null, null, QuestionCoverage> }[];
  topics: {
    variants: ReadonlySet<string>[];
    /** How it is covered: the very same as before where that has not changed. */
    as: Remembered<boolean, number | null, null, TopicCoverage>;
  }[];
  ignored: ReadonlySet<string>;
  terms: TrieNode;
  pack: LanguagePack;
  subjectsOf: SubjectsOf;
  /** Sets of stems that a sentence may hold, by stem: topics first, then questions. */
  patterns: { size: number; topic: number; question: number }[];
  byStem: Map<string, number[]>;
  /** What a word may have to do with all of it; null of nearly every word. */
  markOf: (token: Token) => Mark | null;
}

interface Mark {
  /** Where terms go on that begin with it. */
  term: TrieNode | undefined;
  /** Stems of patterns that it names. */
  stems: readonly string[];
}

/** What one block says of what competing pages share. */
export interface BlockFacts {
  /** Terms by their numbers, each followed by how often it stands there. */
  terms: number[];
  /** Patterns by their numbers, each followed by how many sentences hold all of its stems. */
  held: number[];
  /** Of a heading: topics and questions that it is about. */
  topics: number[];
  questions: number[];
}

/** Common stems over all stems from which a heading is about a topic or question. */
const ABOUT = 0.5;
/** Words repeat endlessly. */
const MOST_REMEMBERED = 20_000;
/** A subject named by one word must come up this often in a section, or it is merely mentioned. */
const LEAST_MENTIONS = 2;

export function compileShared(
  measure: CompetitorMeasure,
  questions: readonly string[],
  pack: LanguagePack,
): CompiledShared {
  const terms = trieOf(measure.terms.map(({ key }) => key));
  const compiled: CompiledShared = {
    measure,
    questions: questions.map((text) => ({
      stems: new Set(contentStems(text, pack)),
      as: new Remembered((answered, heading) => ({ text, answered, heading })),
    })),
    topics: measure.topics.map(({ stems, label, presence, place, level }) => ({
      variants: stems.map((one) => new Set(one)),
      as: new Remembered((covered, heading) => ({ label, presence, place, level, covered, heading })),
    })),
    ignored: new Set(contentStems(measure.keyword, pack)),
    terms,
    pack,
    subjectsOf: subjectsBySets(
      measure.topics.flatMap(({ stems }) => stems),
      pack,
    ),
    patterns: [],
    byStem: new Map(),
    markOf: ({ folded }) => marks(folded),
  };
  // A word's stem and subjects are told by how it is folded.
  const marks = perText((folded): Mark | null => {
    const stem = pack.stem(folded);
    const term = terms.next.get(stem);
    const named = new Set([stem, ...compiled.subjectsOf({ folded, stem })]);
    const stems = [...named].filter((one) => compiled.byStem.has(one));
    return term || stems.length ? { term, stems } : null;
  }, MOST_REMEMBERED);
  const pattern = (stems: ReadonlySet<string>, topic: number, question: number) => {
    if (!stems.size) return;
    const id = compiled.patterns.push({ size: stems.size, topic, question }) - 1;
    for (const stem of stems) compiled.byStem.set(stem, [...(compiled.byStem.get(stem) ?? []), id]);
  };
  for (const [i, { variants }] of compiled.topics.entries())
    for (const stems of variants) pattern(stems, i, -1);
  for (const [i, { stems }] of compiled.questions.entries()) pattern(stems, -1, i);
  return compiled;
}

/** Can a word name a subject? Small words, figures and what is measured in cannot. */
export const namesSubject = ({ small, folded }: Token, { measures }: LanguagePack): boolean =>
  !small && !measures.has(folded) && !/^\p{N}/u.test(folded);

/** "Do I get the money before or after I buy?": what somebody does before or after says when, and not of what. */
function withoutClauseOfTime(tokens: readonly Token[], { usage }: LanguagePack): readonly Token[] {
  if (!usage) return tokens;
  const at = tokens.findIndex(
    ({ folded }, i) => i > 0 && usage.timing.has(folded) && usage.persons.has(tokens[i + 1]?.folded ?? ""),
  );
  return at < 0 ? tokens : tokens.slice(0, at);
}

/** What a heading is about, by stems of subjects: the target keyword says nothing there, unless it is all there is. */
export function headingStems(
  { tokens }: AnalysedText,
  ignored: ReadonlySet<string>,
  pack: LanguagePack,
  subjectsOf: SubjectsOf = subjectsAlone(pack),
): Set<string> {
  const content = withoutClauseOfTime(tokens, pack).filter((token) => namesSubject(token, pack));
  const own = content
    .filter(({ stem }) => !ignored.has(stem))
    .flatMap((token) => subjectsOf(token).filter((subject) => !ignored.has(subject)));
  return new Set(own.length ? own : content.flatMap(subjectsOf));
}

/** A trie of terms by their stems; the number of a term is its place. */
function trieOf(keys: readonly string[]): TrieNode {
  const root: TrieNode = { next: new Map(), term: -1 };
  for (const [i, key] of keys.entries()) {
    let node = root;
    for (const stem of key.split(" ")) {
      const next = node.next.get(stem) ?? { next: new Map(), term: -1 };
      node.next.set(stem, next);
      node = next;
    }
    node.term = i;
  }
  return root;
}

/**
 * Where a text uses shared terms.
 *
 * @param keys stems of each term, parted by blanks
 * @returns spans in order, the longest term where several begin, none over another
 */
export function sharedTermSpans(
  { text, tokens }: AnalysedText,
  keys: readonly string[],
): { start: number; end: number }[] {
  const trie = trieOf(keys);
  const spans: { start: number; end: number }[] = [];
  for (let from = 0; from < tokens.length; from++) {
    let node = trie.next.get(tokens[from]!.stem);
    let end = -1;
    for (let at = from; node; ) {
      if (node.term >= 0) end = at;
      if (!node.next.size || !joined(text, tokens[at]!, tokens[at + 1])) break;
      at++;
      node = node.next.get(tokens[at]!.stem);
    }
    if (end < 0) continue;
    spans.push({ start: tokens[from]!.start, end: tokens[end]!.end });
    from = end;
  }
  return spans;
}

export function blockFacts(competitors: CompiledShared, block: Block, text: AnalysedText): BlockFacts {
  if (block.kind !== "heading") {
    const { terms, held } = saidIn(text, competitors);
    return { terms, held, topics: [], questions: [] };
  }
  const stems = headingStems(text, competitors.ignored, competitors.pack, competitors.subjectsOf);
  const all = new Set(text.tokens.filter(({ small }) => !small).map(({ stem }) => stem));
  return {
    terms: saidIn(text, competitors).terms,
    held: [],
    topics: placesWhere(competitors.topics, ({ variants }) => variants.some((one) => isAbout(stems, one))),
    questions: placesWhere(competitors.questions, (question) => isAbout(all, question.stems)),
  };
}

const placesWhere = <T>(list: readonly T[], holds: (one: T) => boolean): number[] =>
  list.flatMap((one, place) => (holds(one) ? [place] : []));

/** Terms and patterns in a text, in one walk: it is asked of what is being typed. */
function saidIn(
  { text, tokens }: AnalysedText,
  { byStem, patterns, markOf }: CompiledShared,
): Pick<BlockFacts, "terms" | "held"> {
  const terms = new Map<number, number>();
  const held = new Map<number, number>();
  let sentence = -1;
  /** Of the sentence: stems of patterns, and how many stems of each pattern. */
  const seen = new Set<string>();
  const hits = new Map<number, number>();
  const end = () => {
    for (const [pattern, n] of hits)
      if (n === patterns[pattern]!.size) held.set(pattern, (held.get(pattern) ?? 0) + 1);
    seen.clear();
    hits.clear();
  };
  for (let from = 0; from < tokens.length; from++) {
    const token = tokens[from]!;
    // Neither a term nor a subject begins with a small word.
    const mark = token.small ? null : markOf(token);
    if (!mark) continue;
    let node = mark.term;
    for (let at = from; node; ) {
      if (node.term >= 0) terms.set(node.term, (terms.get(node.term) ?? 0) + 1);
      if (!node.next.size || !joined(text, tokens[at]!, tokens[at + 1])) break;
      at++;
      node = node.next.get(tokens[at]!.stem);
    }
    if (token.sentence !== sentence) end();
    sentence = token.sentence;
    for (const stem of mark.stems) {
      if (seen.has(stem)) continue;
      seen.add(stem);
      for (const pattern of byStem.get(stem)!) hits.set(pattern, (hits.get(pattern) ?? 0) + 1);
    }
  }
  end();
  return { terms: inPairs(terms), held: inPairs(held) };
}

function inPairs(counts: ReadonlyMap<number, number>): number[] {
  const pairs: number[] = [];
  for (const [number, count] of counts) pairs.push(number, count);
  return pairs;
}

function isAbout(stems: ReadonlySet<string>, topic: ReadonlySet<string>): boolean {
  if (!topic.size) return false;
  let common = 0;
  for (const stem of topic) if (stems.has(stem)) common++;
  return common / (stems.size + topic.size - common) >= ABOUT;
}

/** One block of what is looked at: its facts, its words, and whether it is a heading. */
export interface CoveredBlock {
  facts: BlockFacts;
  /** Its words, as far as they make an answer. */
  words: number;
  heading: boolean;
  /** Its place among the draft's blocks. */
  at: number;
}

/** Do two blocks, read at different times, come to the same? */
export const coversTheSame = (a: CoveredBlock, b: CoveredBlock): boolean =>
  a.words === b.words &&
  a.heading === b.heading &&
  a.at === b.at &&
  same(a.facts.terms, b.facts.terms) &&
  same(a.facts.held, b.facts.held) &&
  same(a.facts.topics, b.facts.topics) &&
  same(a.facts.questions, b.facts.questions);

/** @param words of all of it, by which the usual ranges are scaled */
export function coverageOf(
  competitors: CompiledShared,
  blocks: readonly CoveredBlock[],
  words: number,
  rules: CoverageRules,
): Coverage {
  const { counts, topics, questions } = subjectsIn(competitors, blocks, rules.answerWords);
  return { terms: termsCovered(competitors, counts, words, rules), topics, questions };
}

/** What is said, whatever the length of it all: uses of each term, topics covered, questions answered. */
export function subjectsIn(
  competitors: CompiledShared,
  blocks: readonly CoveredBlock[],
  answerWords: number,
): { counts: Int32Array; topics: TopicCoverage[]; questions: QuestionCoverage[] } {
  const counts = new Int32Array(competitors.measure.terms.length);
  const covered = new Uint8Array(competitors.topics.length);
  const answered = new Uint8Array(competitors.questions.length);
  /** Headings, by the numbers of what they are about. */
  const ofTopics = new Map<number, number>();
  const ofQuestions = new Map<number, number>();
  let mentions = new Map<number, number>();
  let pending: number[] = [];
  let under = 0;
  const endSection = () => {
    if (under >= answerWords) for (const i of pending) answered[i] = 1;
    pending = [];
    under = 0;
    if (mentions.size) mentions = new Map();
  };
  for (const { facts, words: own, heading, at } of blocks) {
    const { terms, held } = facts;
    for (let i = 0; i < terms.length; i += 2) counts[terms[i]!]! += terms[i + 1]!;
    if (heading) {
      endSection();
      for (const i of facts.topics) {
        covered[i] = 1;
        if (!ofTopics.has(i)) ofTopics.set(i, at);
      }
      for (const i of facts.questions) if (!ofQuestions.has(i)) ofQuestions.set(i, at);
      pending = facts.questions;
      continue;
    }
    under += own;
    for (let i = 0; i < held.length; i += 2) {
      const pattern = held[i]!;
      const { size, topic, question } = competitors.patterns[pattern]!;
      if (question >= 0) answered[question] = 1;
      else if (size > 1) covered[topic] = 1;
      else {
        const seen = (mentions.get(pattern) ?? 0) + held[i + 1]!;
        mentions.set(pattern, seen);
        if (seen >= LEAST_MENTIONS) covered[topic] = 1;
      }
    }
  }
  endSection();
  return {
    counts,
    topics: competitors.topics.map(({ as }, i) => as.get(covered[i] === 1, ofTopics.get(i) ?? null, null)),
    questions: competitors.questions.map(({ as }, i) =>
      as.get(answered[i] === 1, ofQuestions.get(i) ?? null, null),
    ),
  };
}

/** How far each term is used as often as is usual in a text of so many words. */
export function termsCovered(
  { measure }: CompiledShared,
  counts: Int32Array,
  words: number,
  { overFactor, overShare }: CoverageRules,
): TermCoverage[] {
  return measure.terms.map(({ key, text, core, salience, usual }, i) => {
    const low = leastUses(usual[0], words);
    const high = Math.max(low, usesOf(usual[1], words));
    const count = counts[i]!;
    const inRange = bandShare(count, 0, low, high, overFactor * high);
    const share = count > high ? Math.max(overShare, inRange) : inRange;
    return { key, text, core, salience, count, low, high, share };
  });
}

/** The usual range of uses in a text of so many words, from that per 1,000 words; never less than one use. */
export function usesIn([from, to]: readonly [number, number], words: number): [number, number] {
  const low = leastUses(from, words);
  return [low, Math.max(low, usesOf(to, words))];
}

const usesOf = (rate: number, words: number): number => (rate * words) / 1000;
const leastUses = (rate: number, words: number): number => Math.max(1, usesOf(rate, words));

/** Σ salience·share / Σ salience; null without terms. */
export function termShare(terms: readonly TermCoverage[]): number | null {
  let all = 0;
  let earned = 0;
  for (const term of terms) {
    all += term.salience;
    earned += term.salience * term.share;
  }
  return all > 0 ? earned / all : null;
}
