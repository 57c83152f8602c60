/**
 * The stages of reading, remembered: whatever belongs to one block is kept with that block and with all else that it rests on, so that
 * after an edit only the edited block is read again, and a draft read before gives the same report as one read for the first time.
 */

import type { PlacedLink } from "../../blocks/runs";
import { type BlockFacts, blockFacts, type CompiledShared, compileShared } from "../../competitors/coverage";
import type { CompetitorMeasure } from "../../competitors/measure";
import type { Block } from "../../draft/draft";
import type { Span } from "../../marking/marking";
import { passivesIn } from "../../marking/passive";
import { Memo, MemoByText, Remembered, type TextMemo } from "../../memo";
import { type AnalysedText, analyseText } from "../../text/analyse";
import { type CompiledKeyword, compileKeyword } from "../../text/keyword";
import { findKeyword, type MatchValues, type Occurrence } from "../../text/match";
import type { LanguagePack } from "../../text/packs/pack";
import type { Prose } from "../../text/prose";
import type { FieldName, FieldReading } from "./reading";
import { type BlockStages, linksIn, NONE, proseIn, type Stages, stages } from "./stages";

/** Blocks are never changed in place, so their identity is the key. */
class RememberedBlock implements BlockStages {
  private readonly placedLinks: PlacedLink[];
  private readonly analysedIn: Remembered<LanguagePack, null, null, AnalysedText>;
  private readonly usesOf: Remembered<CompiledKeyword, MatchValues, LanguagePack, Occurrence[]>;
  private readonly proseWith: Remembered<Occurrence[], LanguagePack, null, Prose>;
  private readonly passivesWith: Remembered<LanguagePack, null, null, Span[]>;
  private readonly factsOf: Remembered<CompiledShared, LanguagePack, null, BlockFacts>;

  constructor(block: Block) {
    this.placedLinks = linksIn(block);
    this.analysedIn = new Remembered((pack) => analyseText(block.text, pack));
    this.usesOf = new Remembered((keyword, values, pack) =>
      findKeyword(this.analysed(pack), keyword, values, pack),
    );
    this.proseWith = new Remembered((uses, pack) => proseIn(this.analysed(pack), uses, pack));
    this.passivesWith = new Remembered((pack) => passivesIn(this.analysed(pack), pack));
    this.factsOf = new Remembered((shared, pack) => blockFacts(shared, block, this.analysed(pack)));
  }

  links(): PlacedLink[] {
    return this.placedLinks;
  }
  analysed(pack: LanguagePack): AnalysedText {
    return this.analysedIn.get(pack, null, null);
  }
  uses(keyword: CompiledKeyword | null, values: MatchValues, pack: LanguagePack): Occurrence[] {
    return keyword ? this.usesOf.get(keyword, values, pack) : NONE;
  }
  prose(uses: Occurrence[], pack: LanguagePack): Prose {
    return this.proseWith.get(uses, pack, null);
  }
  passives(pack: LanguagePack): Span[] {
    return this.passivesWith.get(pack, null, null);
  }
  facts(shared: CompiledShared, pack: LanguagePack): BlockFacts {
    return this.factsOf.get(shared, pack, null);
  }
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

  block(block: Block): BlockStages {
    let reading = this.blocks.get(block);
    if (!reading) {
      reading = new RememberedBlock(block);
      this.blocks.set(block, reading);
    }
    return reading;
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
    return this.readyShared.get([measure, JSON.stringify(questions), pack], () =>
      compileShared(measure, questions, pack),
    );
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
}
