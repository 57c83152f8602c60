/**
 * The stages of reading, remembered: whatever belongs to one block is kept with that block and with all else that it rests on, so that
 * after an edit only the edited block is read again, and a draft read before gives the same report as one read for the first time.
 */

import equal from "fast-deep-equal";
import type { PlacedLink } from "../../blocks/runs";
import {
  type BlockFacts,
  blockFacts,
  type CompiledShared,
  type CoveredBlock,
  compileShared,
  coversTheSame,
} from "../../competitors/coverage";
import type { CompetitorMeasure } from "../../competitors/measure";
import type { Block } from "../../draft/draft";
import { Memo, MemoByText, Remembered, same, type TextMemo } from "../../memo";
import { type AnalysedText, analyseText } from "../../text/analyse";
import { type CompiledKeyword, compileKeyword } from "../../text/keyword";
import { findKeyword, type MatchValues, type Occurrence } from "../../text/match";
import type { LanguagePack } from "../../text/packs/pack";
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
import {
  type BlockStages,
  coveredIn,
  LazyTextReading,
  linksIn,
  passivesOf,
  type Stages,
  stages,
} from "./stages";
import { inStretches } from "./stretches";

/** Blocks are never changed in place, so their identity is the key. */
class RememberedBlock implements BlockStages {
  private readonly links: PlacedLink[];
  private readonly analysedIn: Remembered<LanguagePack, null, null, AnalysedText>;
  private readonly readBy: Remembered<CompiledKeyword | null, MatchValues, LanguagePack, TextReading>;
  private readonly placedAs: Remembered<number, TextReading, LanguagePack, PlacedBlock>;
  private readonly passivesIn: Remembered<LanguagePack, null, null, Passives>;
  private readonly factsOf: Remembered<CompiledShared, LanguagePack, null, BlockFacts>;

  /** @param before what was read of the block that this one has become of */
  constructor(block: Block, before: ReadSoFar | undefined) {
    this.links = linksIn(block);
    this.analysedIn = new Remembered((pack) =>
      analyseText(block.text, pack, before?.pack === pack ? before.analysed : undefined),
    );
    this.passivesIn = new Remembered((pack) => passivesOf(this.analysed(pack), pack));
    const passives = (pack: LanguagePack) => this.passivesIn.get(pack, null, null);
    this.readBy = new Remembered(
      (keyword, values, pack) =>
        new LazyTextReading(this.analysed(pack), keyword, values, pack, passives, before),
    );
    this.placedAs = new Remembered(
      (at, reading, pack) =>
        new PlacedBlock(at, block, reading, this.links, (shared) => this.facts(shared, pack)),
    );
    this.factsOf = new Remembered((shared, pack) => blockFacts(shared, block, this.analysed(pack)));
  }

  analysed(pack: LanguagePack): AnalysedText {
    return this.analysedIn.get(pack, null, null);
  }
  placed(at: number, keyword: CompiledKeyword | null, values: MatchValues, pack: LanguagePack): PlacedBlock {
    return this.placedAs.get(at, this.readBy.get(keyword, values, pack), pack);
  }
  private facts(shared: CompiledShared, pack: LanguagePack): BlockFacts {
    return this.factsOf.get(shared, pack, null);
  }
}

interface Counted<T> {
  on: readonly unknown[];
  stretches: readonly Stretch[];
  values: readonly T[];
}

interface Answered {
  parts: DraftParts;
  common: readonly unknown[];
  names: readonly (readonly DraftPart[])[];
  on: readonly unknown[];
  values: readonly unknown[];
}

interface Covered {
  shared: CompiledShared;
  answerWords: number;
  blocks: readonly PlacedBlock[];
  /** By block; null where it does not count. */
  covers: readonly (CoveredBlock | null)[];
  counting: readonly CoveredBlock[];
}

interface UsesInText {
  whole: Memo<Occurrence[]>;
  parts: Memo<Occurrence[]>;
}

/** Answers about texts that are held. */
const MOST_FACTS = 5000;

/** Memory that lives as long as its owner: the engine keeps one a post. */
export class ReadingCache implements Stages {
  private readonly blocks = new WeakMap<Block, RememberedBlock>();
  private readonly fields = new Map<FieldName, Memo<FieldReading | null>>();
  private readonly facts = new MemoByText<unknown>(MOST_FACTS);
  private readonly uses = new WeakMap<AnalysedText, UsesInText>();
  private readonly readyShared = new Memo<CompiledShared>();
  private readonly compiled = new Memo<CompiledKeyword | null>();
  private lastPlaced: { on: readonly unknown[]; blocks: readonly PlacedBlock[] } | null = null;
  private lastCovered: Covered | null = null;
  private readonly cut = new Map<string, readonly Stretch[]>();
  private readonly counts = new Map<string, Counted<unknown>>();
  private readonly answers = new Map<string, Memo<unknown>>();
  private answered: Answered | null = null;

  block(block: Block, before?: ReadSoFar): BlockStages {
    let reading = this.blocks.get(block);
    if (!reading) {
      reading = new RememberedBlock(block, before);
      this.blocks.set(block, reading);
    }
    return reading;
  }

  placed(
    blocks: readonly Block[],
    keyword: CompiledKeyword | null,
    values: MatchValues,
    pack: LanguagePack,
  ): readonly PlacedBlock[] {
    const on = [keyword, values, pack];
    const last = this.lastPlaced && same(this.lastPlaced.on, on) ? this.lastPlaced.blocks : [];
    const now = blocks.map((block, at) => {
      const before = last[at];
      if (before?.of === block) return before;
      return this.block(block, before?.reading.soFar()).placed(at, keyword, values, pack);
    });
    this.lastPlaced = { on, blocks: now };
    return now;
  }

  field(name: FieldName, text: string, pack: LanguagePack): FieldReading | null {
    let memo = this.fields.get(name);
    if (!memo) {
      memo = new Memo();
      this.fields.set(name, memo);
    }
    return memo.get([text.trim(), pack], () => stages.field(name, text, pack));
  }

  keyword(text: string, pack: LanguagePack): CompiledKeyword | null {
    return this.compiled.get([text, pack], () => compileKeyword(text, pack));
  }

  shared(measure: CompetitorMeasure, questions: readonly string[], pack: LanguagePack): CompiledShared {
    return this.readyShared.get([measure, pack, ...questions], () => compileShared(measure, questions, pack));
  }

  covered(
    blocks: readonly PlacedBlock[],
    shared: CompiledShared,
    answerWords: number,
  ): readonly CoveredBlock[] {
    const held = this.lastCovered;
    const last = held?.shared === shared && held.answerWords === answerWords ? held : null;
    let stays = last?.blocks.length === blocks.length;
    const covers = blocks.map((block, i) => {
      const before = last?.covers[i] ?? null;
      if (last?.blocks[i] === block) return before;
      const now = coveredIn(block, shared, answerWords);
      // Most keys change nothing of what a block covers, though it is read anew.
      if (before && now && coversTheSame(before, now)) return before;
      stays &&= before === now;
      return now;
    });
    const counting = stays ? last!.counting : covers.filter((one) => one !== null);
    this.lastCovered = { shared, answerWords, blocks, covers, counting };
    return counting;
  }

  find(
    text: AnalysedText,
    keyword: CompiledKeyword,
    values: MatchValues,
    pack: LanguagePack,
    whole: boolean,
  ): Occurrence[] {
    let cached = this.uses.get(text);
    if (!cached) {
      cached = { whole: new Memo(), parts: new Memo() };
      this.uses.set(text, cached);
    }
    return cached[whole ? "whole" : "parts"].get([keyword, values, pack], () =>
      findKeyword(text, keyword, values, pack, whole),
    );
  }

  memory<T>(on: readonly (string | number | boolean)[]): TextMemo<T> {
    return this.facts.of(on) as TextMemo<T>;
  }

  stretches(name: "uses" | "prose", members: Stretch): readonly Stretch[] {
    const cut = inStretches(members, this.cut.get(name));
    this.cut.set(name, cut);
    return cut;
  }

  perStretch<T>(
    name: string,
    on: readonly unknown[],
    stretches: readonly Stretch[],
    count: (stretch: Stretch) => T,
  ): readonly T[] {
    const kept = this.counts.get(name) as Counted<T> | undefined;
    const last = kept && same(kept.on, on) ? kept : undefined;
    if (last?.stretches === stretches) return last.values;
    let stays = last?.values.length === stretches.length;
    const counted = stretches.map((stretch, i) => {
      if (last?.stretches[i] === stretch) return last.values[i]!;
      const value = count(stretch);
      stays &&= equal(value, last!.values[i]);
      return value;
    });
    const values = stays ? last!.values : counted;
    this.counts.set(name, { on, stretches, values });
    return values;
  }

  ofParts<T>(
    parts: DraftParts,
    common: readonly unknown[],
    names: readonly (readonly DraftPart[])[],
    on: readonly unknown[],
    compute: (at: number) => T,
  ): readonly T[] {
    const kept = this.answered;
    const last = kept?.names === names && same(kept.common, common) ? kept : null;
    const stays = (name: DraftPart) => last?.parts[name] === parts[name];
    const values = names.map((rests, at) =>
      last && last.on[at] === on[at] && rests.every(stays) ? (last.values[at] as T) : compute(at),
    );
    this.answered = { parts, common, names, on, values };
    return values;
  }

  answer<T>(question: string, on: readonly unknown[], compute: () => T): T {
    let memo = this.answers.get(question) as Memo<T> | undefined;
    if (!memo) {
      memo = new Memo<T>();
      this.answers.set(question, memo);
    }
    return memo.get(on, compute);
  }
}
