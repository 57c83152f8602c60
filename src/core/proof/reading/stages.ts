/**
 * What reading a draft asks, question by question: each answer rests on its arguments alone. Nothing here knows of remembering; who
 * remembers stands before these (remembered.ts).
 */
import { byName } from "../../blocks/byName";
import { linksOf, type PlacedLink } from "../../blocks/runs";
import { type BlockFacts, blockFacts, type CompiledShared, compileShared } from "../../competitors/coverage";
import type { CompetitorMeasure } from "../../competitors/measure";
import type { Block } from "../../draft/draft";
import type { Span } from "../../marking/marking";
import { passivesIn } from "../../marking/passive";
import type { TextMemo } from "../../memo";
import { type AnalysedText, analyseText } from "../../text/analyse";
import { type CompiledKeyword, compileKeyword } from "../../text/keyword";
import { findKeyword, type MatchValues, type Occurrence } from "../../text/match";
import type { LanguagePack } from "../../text/packs/pack";
import { type Prose, proseOf } from "../../text/prose";
import type { FieldName, FieldReading } from "./reading";

/** What is asked of one block. */
export interface BlockStages {
  links(): PlacedLink[];
  analysed(pack: LanguagePack): AnalysedText;
  /** Occurrences of the keyword; none where there is no keyword. */
  uses(keyword: CompiledKeyword | null, values: MatchValues, pack: LanguagePack): Occurrence[];
  /** @param uses of the keyword in it */
  prose(uses: Occurrence[], pack: LanguagePack): Prose;
  passives(pack: LanguagePack): Span[];
  /** What it says of what competing pages share. */
  facts(shared: CompiledShared, pack: LanguagePack): BlockFacts;
}

export interface Stages {
  block(block: Block): BlockStages;
  /** A field of the draft; null where it is empty. */
  field(name: FieldName, text: string, pack: LanguagePack): FieldReading | null;
  /** The keyword made ready to be looked for; null where it has no words. */
  keyword(text: string, pack: LanguagePack): CompiledKeyword | null;
  /** What competing pages share, made ready to be looked for. */
  shared(measure: CompetitorMeasure, questions: readonly string[], pack: LanguagePack): CompiledShared;
  /** Occurrences of the keyword in a text; scattered ones too where it is read as a whole. */
  find(
    text: AnalysedText,
    keyword: CompiledKeyword,
    values: MatchValues,
    pack: LanguagePack,
    whole: boolean,
  ): Occurrence[];
  /** Answers of checks about texts. @param on names the question, and all that the answers rest on beside the text */
  memory<T>(on: readonly (string | number | boolean)[]): TextMemo<T>;
}

export const stages: Stages = {
  block: (block) => ({
    links: () => linksIn(block),
    analysed: (pack) => analyseText(block.text, pack),
    uses: (keyword, values, pack) =>
      keyword ? findKeyword(analyseText(block.text, pack), keyword, values, pack) : NONE,
    prose: (uses, pack) => proseIn(analyseText(block.text, pack), uses, pack),
    passives: (pack) => passivesIn(analyseText(block.text, pack), pack),
    facts: (shared, pack) => blockFacts(shared, block, analyseText(block.text, pack)),
  }),
  field(name, text, pack) {
    const trimmed = text.trim();
    return trimmed ? { name, text: trimmed, analysed: analyseText(trimmed, pack) } : null;
  },
  keyword: compileKeyword,
  shared: compileShared,
  find: findKeyword,
  memory: () => ({ get: (_text, compute) => compute() }),
};

/** No occurrences: the same list each time. */
export const NONE: Occurrence[] = [];

/** The sentences of a text, without those that say nothing but the keyword. */
export const proseIn = (analysed: AnalysedText, uses: Occurrence[], pack: LanguagePack): Prose =>
  proseOf(analysed, pack, saysOnly(analysed, uses));

/**
 * Sentences that say nothing but the keyword. They are no prose: else its repetition would make any text read easier.
 */
function saysOnly({ tokens }: AnalysedText, uses: readonly Occurrence[]): ReadonlySet<number> | undefined {
  if (!uses.length) return undefined;
  const only = new Set(tokens.map(({ sentence }) => sentence));
  let use = 0;
  for (const { sentence, start } of tokens) {
    while (use < uses.length && uses[use]!.end <= start) use++;
    if (use >= uses.length || uses[use]!.start > start) only.delete(sentence);
  }
  return only;
}

/** Links of a block, in order. */
export const linksIn = (block: Block): PlacedLink[] =>
  LINKS[block.kind]?.(block, undefined) ?? linksOf(block.runs);

const LINKS = byName(({ links }) => links);
