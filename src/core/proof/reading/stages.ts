/**
 * What reading a draft asks, question by question: each answer rests on its arguments alone. Nothing here knows of remembering; who
 * remembers stands before these (remembered.ts).
 */
import { byName } from "../../blocks/byName";
import { linksOf, type PlacedLink } from "../../blocks/runs";
import {
  blockFacts,
  type CompiledShared,
  type CoveredBlock,
  compileShared,
} from "../../competitors/coverage";
import type { CompetitorMeasure } from "../../competitors/measure";
import type { Block } from "../../draft/draft";
import { passivesIn } from "../../marking/passive";
import type { TextMemo } from "../../memo";
import { type AnalysedText, analyseText } from "../../text/analyse";
import { type CompiledKeyword, compileKeyword } from "../../text/keyword";
import { findKeyword, type MatchValues, type Occurrence } from "../../text/match";
import type { LanguagePack } from "../../text/packs/pack";
import { type Prose, proseOf } from "../../text/prose";
import { PlacedBlock } from "./placedBlock";
import type {
  DraftPart,
  DraftParts,
  FieldName,
  FieldReading,
  Passives,
  ReadSoFar,
  Stretch,
  TextReading,
} from "./reading";
import { inStretches } from "./stretches";
import { usesIn } from "./usesIn";

/** The text of a block, read for one keyword; what is asked for first is worked out then. */
export class LazyTextReading implements TextReading {
  #uses: readonly Occurrence[] | undefined;
  #before: ReadSoFar | undefined;
  #prose: Prose | undefined;

  /**
   * @param passivesOf asks for its passives, which no keyword changes
   * @param before what was read of the text before its last change
   */
  constructor(
    readonly analysed: AnalysedText,
    private readonly keyword: CompiledKeyword | null,
    private readonly values: MatchValues,
    private readonly pack: LanguagePack,
    private readonly passivesOf: (pack: LanguagePack) => Passives,
    before?: ReadSoFar,
  ) {
    this.#before = before;
  }

  /** Occurrences of the keyword; none where there is no keyword. */
  get uses(): readonly Occurrence[] {
    if (!this.#uses) {
      const { analysed, keyword, values, pack } = this;
      this.#uses = keyword ? usesIn(analysed, keyword, values, pack, this.#before) : NONE;
      this.#before = undefined;
    }
    return this.#uses;
  }
  get prose(): Prose {
    this.#prose ??= proseIn(this.analysed, this.uses);
    return this.#prose;
  }
  get passives(): Passives {
    return this.passivesOf(this.pack);
  }
  soFar(): ReadSoFar {
    const { pack, keyword, values, analysed } = this;
    return { pack, keyword, values, analysed, uses: this.#uses };
  }
}

/** What is asked of one block. */
export interface BlockStages {
  analysed(pack: LanguagePack): AnalysedText;
  /** @param at its place among the blocks */
  placed(at: number, keyword: CompiledKeyword | null, values: MatchValues, pack: LanguagePack): PlacedBlock;
}

export interface Stages {
  block(block: Block): BlockStages;
  /** All blocks of a draft where they stand. */
  placed(
    blocks: readonly Block[],
    keyword: CompiledKeyword | null,
    values: MatchValues,
    pack: LanguagePack,
  ): readonly PlacedBlock[];
  /** A field of the draft; null where it is empty. */
  field(name: FieldName, text: string, pack: LanguagePack): FieldReading | null;
  /** The keyword made ready to be looked for; null where it has no words. */
  keyword(text: string, pack: LanguagePack): CompiledKeyword | null;
  /** What competing pages share, made ready to be looked for. */
  shared(measure: CompetitorMeasure, questions: readonly string[], pack: LanguagePack): CompiledShared;
  /** What each block covers of it, blocks that do not count left out. @param answerWords words of an answer */
  covered(
    blocks: readonly PlacedBlock[],
    shared: CompiledShared,
    answerWords: number,
  ): readonly CoveredBlock[];
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
  /** Blocks cut into stretches. @param name of the list */
  stretches(name: "uses" | "prose", members: Stretch): readonly Stretch[];
  /** What is counted in stretches of the text. @param on all that it rests on beside the stretch */
  perStretch<T>(
    name: string,
    on: readonly unknown[],
    stretches: readonly Stretch[],
    count: (stretch: Stretch) => T,
  ): readonly T[];
  /**
   * Answers to many questions about a draft.
   *
   * @param common what all of them rest on
   * @param names by question, the parts that its answer rests on
   * @param on by question, one thing more that it rests on
   */
  ofParts<T>(
    parts: DraftParts,
    common: readonly unknown[],
    names: readonly (readonly DraftPart[])[],
    on: readonly unknown[],
    compute: (at: number) => T,
  ): readonly T[];
  /** The answer to one question about the whole draft. @param on all that it rests on */
  answer<T>(question: string, on: readonly unknown[], compute: () => T): T;
}

export const stages: Stages = {
  block: (block) => ({
    analysed: (pack) => analyseText(block.text, pack),
    placed(at, keyword, values, pack) {
      const analysed = analyseText(block.text, pack);
      const passives = () => passivesOf(analysed, pack);
      const reading = new LazyTextReading(analysed, keyword, values, pack, passives);
      return new PlacedBlock(at, block, reading, linksIn(block), (shared) =>
        blockFacts(shared, block, analysed),
      );
    },
  }),
  placed: (blocks, keyword, values, pack) =>
    blocks.map((block, at) => stages.block(block).placed(at, keyword, values, pack)),
  field(name, text, pack) {
    const trimmed = text.trim();
    return trimmed ? { name, text: trimmed, analysed: analyseText(trimmed, pack) } : null;
  },
  keyword: compileKeyword,
  shared: compileShared,
  covered: (blocks, shared, answerWords) =>
    blocks.map((block) => coveredIn(block, shared, answerWords)).filter((one) => one !== null),
  find: findKeyword,
  memory: () => ({ get: (_text, compute) => compute() }),
  stretches: (_name, members) => inStretches(members),
  perStretch: (_name, _on, stretches, count) => stretches.map(count),
  ofParts: (_parts, _common, names, _on, compute) => names.map((_, at) => compute(at)),
  answer: (_question, _on, compute) => compute(),
};

/** @returns null where the block does not count */
export const coveredIn = (
  block: PlacedBlock,
  shared: CompiledShared,
  answerWords: number,
): CoveredBlock | null => (block.counts ? block.covered(shared, answerWords) : null);

/** No occurrences: the same list each time. */
export const NONE: Occurrence[] = [];

export function passivesOf(analysed: AnalysedText, pack: LanguagePack): Passives {
  const spans = passivesIn(analysed, pack);
  // A sentence counts once, however often it does it.
  const sentenceAt = (place: number) => analysed.tokens.findLast(({ start }) => start <= place)!.sentence;
  return { spans, sentences: new Set(spans.map(({ start }) => sentenceAt(start))).size };
}

/** The sentences of a text, without those that say nothing but the keyword. */
const proseIn = (analysed: AnalysedText, uses: readonly Occurrence[]): Prose =>
  proseOf(analysed, saysOnly(analysed, uses));

/**
 * Sentences that say nothing but the keyword. They are no prose: else its repetition would make any text read easier.
 */
function saysOnly({ tokens }: AnalysedText, uses: readonly Occurrence[]): ReadonlySet<number> | undefined {
  if (!uses.length) return undefined;
  const only = new Set<number>();
  let use = 0;
  let last = -1;
  for (const { sentence, start } of tokens) {
    if (sentence !== last) only.add(sentence);
    last = sentence;
    while (use < uses.length && uses[use]!.end <= start) use++;
    if (use >= uses.length || uses[use]!.start > start) only.delete(sentence);
  }
  return only;
}

/** Links of a block, in order. */
export const linksIn = (block: Block): PlacedLink[] =>
  LINKS[block.kind]?.(block, undefined) ?? linksOf(block.runs);

const LINKS = byName(({ links }) => links);
