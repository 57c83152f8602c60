/**
 * The draft as the checks read it: texts cut and stemmed, the keyword found in each block, words and links counted. It comes in parts,
 * and a check says which of them it reads, so that it is asked again only where one of them has changed.
 */
import type { PlacedLink } from "../../blocks/runs";
import type { Coverage, QuestionCoverage, TermCoverage, TopicCoverage } from "../../competitors/coverage";
import type { Block, Draft, PictureBlock } from "../../draft/draft";
import type { Span } from "../../marking/marking";
import type { TextMemo } from "../../memo";
import type { AnalysedText, Token } from "../../text/analyse";
import type { CompiledKeyword } from "../../text/keyword";
import type { MatchValues, Occurrence } from "../../text/match";
import type { LanguagePack } from "../../text/packs/pack";
import type { Prose } from "../../text/prose";
import type { ProofContext } from "../context";

/** A field of the draft with its analysis; `text` is trimmed. */
export interface FieldReading {
  name: FieldName;
  text: string;
  analysed: AnalysedText;
}
export type FieldName = "title" | "metaTitle" | "description" | "slug";

/** A block where it stands in the draft. */
export interface Placed {
  /** Place among the blocks. */
  block: number;
  of: Block;
}

/** The text of a block as it is read for the keyword. */
export interface TextReading {
  analysed: AnalysedText;
  /** Occurrences of the keyword: exact, inflected and close. */
  uses: readonly Occurrence[];
  prose: Prose;
  passives: Passives;
  /** What is known of it by now, for who reads what becomes of this text. */
  soFar(): ReadSoFar;
}

/** What a text was read by, and what was found: with the same, what has not changed of it need not be read again. */
export interface ReadSoFar {
  pack: LanguagePack;
  keyword: CompiledKeyword | null;
  values: MatchValues;
  analysed: AnalysedText;
  /** Undefined where nobody asked for them. */
  uses: readonly Occurrence[] | undefined;
}

export interface BlockReading extends Placed {
  reading: TextReading;
}

/** Some blocks in a row; the very same list as before where none of them has changed. */
export type Stretch = readonly BlockReading[];

export interface HeadingReading {
  text: string;
  analysed: AnalysedText;
  level: number;
  /** Place among the blocks; null for the post's title. */
  block: number | null;
}

export interface LinkReading extends PlacedLink, Placed {}

export interface PictureReading {
  block: number;
  picture: PictureBlock;
}

export interface SectionReading {
  words: number;
  /** Place of its heading among the blocks; null for what stands before the first. */
  heading: number | null;
  firstBlock: number;
  /** The block by which it is shown: its heading, or the first where it has none; absent where there is no block. */
  shownBy: Placed | undefined;
}

/** The opening: the body's first paragraph, or its first words of paragraphs, lists and quotes where that is longer. */
export interface Opening {
  /** The blocks that it is made of, and where each begins in the text. */
  parts: readonly (Placed & { reading: TextReading; offset: number })[];
  /** How many words of them belong to it. */
  most: number;
  /** As one text, made when it is first asked for; no sentence crosses a block. */
  analysed: () => AnalysedText;
}

/** Of a profile, what reading and judging look at; what a check sets is known to the check. */
export interface ReadingProfile {
  id: string;
  version: number;
  matching: MatchValues;
  openingWords: number;
  wordsPerMinute: number;
  fullScoreWords: number;
  checks: Readonly<Record<string, { weight: number }>>;
}

/** Where a text is in the passive, and in how many of its sentences. */
export interface Passives {
  spans: readonly Span[];
  sentences: number;
}

/** What every check may look at, and rests on: it stays the same while somebody writes. */
export interface Grounds {
  context: ProofContext;
  profile: ReadingProfile;
  pack: LanguagePack;
  keyword: CompiledKeyword | null;
  /** Occurrences of the keyword in a text read as one field, scattered included. */
  findIn(text: AnalysedText, whole: boolean): Occurrence[];
  analyse(text: string): AnalysedText;
  /**
   * Answers that a check finds about texts: each computed once, however often the draft is judged.
   *
   * @param on names the question, and everything that the answers rest on beside the text and its language
   */
  memory<T>(...on: (string | number | boolean)[]): TextMemo<T>;
}

/** What is in the draft. A part is the very same as before where nothing in it has changed, places included. */
export interface DraftParts {
  /** The meta title, or the title where there is none; null where neither is there. */
  searchTitle: FieldReading | null;
  /** What the site adds to the meta title. */
  titleSuffix: string;
  description: FieldReading | null;
  slug: FieldReading | null;
  /** The address that the post says is its own; empty where it says none. */
  canonical: string;
  /** Null where the body has no such text. */
  opening: Opening | null;
  words: number;
  hasWords: boolean;
  /** H1s of the page as rendered. */
  h1s: readonly HeadingReading[];
  /** All headings of the page as rendered, the title's first where it is one. */
  headings: readonly HeadingReading[];
  sections: readonly SectionReading[];
  pictures: readonly PictureReading[];
  links: readonly LinkReading[];
  /** Asks for the ids that a fragment of this page may name. */
  fragmentIds: () => ReadonlySet<string>;
  /** Blocks in which the keyword stands. */
  uses: readonly Stretch[];
  useCount: number;
  /** What it covers of the competing pages; null where there are none. */
  terms: readonly TermCoverage[] | null;
  topics: readonly TopicCoverage[] | null;
  questions: readonly QuestionCoverage[] | null;
  /** Blocks that are read as sentences, those without words left out. */
  prose: readonly Stretch[];
}

export type DraftPart = keyof DraftParts;

export interface DraftReading extends Grounds, DraftParts {
  draft: Draft;
  /** Terms, topics and questions in one. */
  coverage: Coverage | null;
  analysed(block: number): AnalysedText;
  /** The answer to a question about the whole draft, given again as long as all that it rests on is the same. */
  answer<T>(question: string, on: readonly unknown[], compute: () => T): T;
  /**
   * Answers to many questions, each given again as long as what it rests on is the same.
   *
   * @param common what all of them rest on
   * @param names by question, the parts of this draft that its answer rests on
   * @param on by question, one thing more
   */
  ofParts<T>(
    common: readonly unknown[],
    names: readonly (readonly DraftPart[])[],
    on: readonly unknown[],
    compute: (at: number) => T,
  ): readonly T[];
  /**
   * What is counted in stretches of the text, each once as long as nothing in it changes; the very same list as before where no count
   * is another.
   *
   * @param rules all that the count rests on beside the stretch and its language
   */
  perStretch<T>(
    name: string,
    rules: object,
    stretches: readonly Stretch[],
    count: (stretch: Stretch) => T,
  ): readonly T[];
}

export type { Token };
