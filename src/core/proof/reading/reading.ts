import type { Span } from "../../marking/marking";
/** The draft as the checks read it: texts cut and stemmed, the keyword found in each block, words and links counted. */

import type { PlacedLink } from "../../blocks/runs";
import type { Coverage } from "../../competitors/coverage";
import type { Draft, PictureBlock } from "../../draft/draft";
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

export interface HeadingReading {
  text: string;
  level: number;
  /** Place among the blocks; null for the post's title. */
  block: number | null;
}

export interface LinkReading extends PlacedLink {
  block: number;
}

export interface SectionReading {
  words: number;
  /** Place of its heading among the blocks; null for what stands before the first. */
  heading: number | null;
  firstBlock: number;
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

export interface DraftReading {
  draft: Draft;
  context: ProofContext;
  profile: ReadingProfile;
  pack: LanguagePack;
  keyword: CompiledKeyword | null;
  /** The meta title, or the title where there is none; null where neither is there. */
  searchTitle: FieldReading | null;
  description: FieldReading | null;
  slug: FieldReading | null;
  words: number;
  /** H1s of the page as rendered. */
  h1s: HeadingReading[];
  /** All headings of the page as rendered, the title's first where it is one. */
  headings: HeadingReading[];
  sections: SectionReading[];
  pictures: { block: number; picture: PictureBlock }[];
  links: LinkReading[];
  /** Occurrences in the body, by block: exact, inflected and close. */
  uses: { block: number; occurrences: Occurrence[] }[];
  useCount: number;
  /** What it covers of the competing pages; null where there are none. */
  coverage: Coverage | null;
  /** Places of the blocks that are read as sentences, those without words left out. */
  prose: number[];
  proseOf(block: number): Prose;
  passivesOf(block: number): Passives;
  analysed(block: number): AnalysedText;
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

export type { Token };
