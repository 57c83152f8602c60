/**
 * The draft as the checks read it: texts cut and stemmed, the keyword found in each block, words and links counted.
 * Whatever belongs to one block is remembered with that block and with all else that it rests on, so that after an edit only the
 * edited block is read again, and a draft read before gives the same report as one read for the first time.
 */

import {
  type BlockFacts,
  blockFacts,
  type CompiledField,
  type Coverage,
  type CoveredBlock,
  compileField,
  coverageOf,
} from "../competitors/coverage";
import type { Block, Draft, PictureBlock } from "../draft/draft";
import { countsAsWords } from "../draft/draft";
import { linksOf, type PlacedLink } from "../draft/runs";
import { isProse, type Span } from "../marking/marking";
import { passivesIn } from "../marking/passive";
import { Memo, MemoByText, Remembered, type TextMemo } from "../memo";
import { languagePack } from "../text/language";
import {
  type AnalysedText,
  analyseText,
  type CompiledKeyword,
  compileKeyword,
  findKeyword,
  type MatchValues,
  type Occurrence,
  type Token,
} from "../text/match";
import type { LanguagePack } from "../text/packs/pack";
import { type Prose, proseOf } from "../text/prose";
import type { ProofContext } from "./context";
import type { Profile } from "./profile";

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

export interface DraftReading {
  draft: Draft;
  context: ProofContext;
  profile: Profile;
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
  /** What it covers of the field; null where there is none. */
  coverage: Coverage | null;
  /** Places of the blocks that are read as sentences, those without words left out. */
  prose: number[];
  proseOf(block: number): Prose;
  passivesOf(block: number): Span[];
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

/** What is read of a block. Blocks are never changed in place, so their identity is the key. */
class BlockReading {
  readonly links: PlacedLink[];
  private readonly analysedIn: Remembered<LanguagePack, null, null, AnalysedText>;
  private readonly usesOf: Remembered<CompiledKeyword, MatchValues, LanguagePack, Occurrence[]>;
  private readonly proseWith: Remembered<Occurrence[], LanguagePack, null, Prose>;
  private readonly passivesIn: Remembered<LanguagePack, null, null, Span[]>;
  private readonly factsOf: Remembered<CompiledField, LanguagePack, null, BlockFacts>;

  constructor(block: Block) {
    this.links = blockLinks(block);
    this.analysedIn = new Remembered((pack) => analyseText(block.text, pack));
    this.usesOf = new Remembered((keyword, values, pack) =>
      findKeyword(this.analysed(pack), keyword, values, pack),
    );
    this.proseWith = new Remembered((uses, pack) => {
      const analysed = this.analysed(pack);
      return proseOf(analysed, pack, saysOnly(analysed, uses));
    });
    this.passivesIn = new Remembered((pack) => passivesIn(this.analysed(pack), pack));
    this.factsOf = new Remembered((field, pack) => blockFacts(field, block, this.analysed(pack)));
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
    return this.passivesIn.get(pack, null, null);
  }
  facts(field: CompiledField, pack: LanguagePack): BlockFacts {
    return this.factsOf.get(field, pack, null);
  }
}

interface FoundInText {
  whole: Memo<Occurrence[]>;
  parts: Memo<Occurrence[]>;
}

/** Memory that lives as long as its owner: the engine keeps one a post. */
export class ReadingCache {
  private readonly blocks = new WeakMap<Block, BlockReading>();
  private readonly fields = new Map<FieldName, Memo<FieldReading | null>>();
  private readonly facts = new MemoByText<unknown>(MOST_FACTS);
  private readonly found = new WeakMap<AnalysedText, FoundInText>();
  private readonly readyField = new Memo<CompiledField>();
  private readonly compiled = new Memo<CompiledKeyword | null>();

  block(block: Block): BlockReading {
    let reading = this.blocks.get(block);
    if (!reading) {
      reading = new BlockReading(block);
      this.blocks.set(block, reading);
    }
    return reading;
  }

  field(name: FieldName, text: string, pack: LanguagePack): FieldReading | null {
    const trimmed = text.trim();
    let memo = this.fields.get(name);
    if (!memo) {
      memo = new Memo();
      this.fields.set(name, memo);
    }
    return memo.get([trimmed, pack], () =>
      trimmed ? { name, text: trimmed, analysed: analyseText(trimmed, pack) } : null,
    );
  }

  keyword(text: string, pack: LanguagePack): CompiledKeyword | null {
    return this.compiled.get([text, pack], () => compileKeyword(text, pack));
  }

  /** The field made ready to be looked for. */
  fieldReady({ field, questions }: ProofContext, pack: LanguagePack): CompiledField | null {
    if (!field) return null;
    return this.readyField.get([field, JSON.stringify(questions), pack], () =>
      compileField(field, questions, pack),
    );
  }

  memory<T>(on: readonly (string | number | boolean)[]): TextMemo<T> {
    return this.facts.of(on) as TextMemo<T>;
  }

  find(
    text: AnalysedText,
    keyword: CompiledKeyword,
    values: MatchValues,
    pack: LanguagePack,
    whole: boolean,
  ): Occurrence[] {
    let found = this.found.get(text);
    if (!found) {
      found = { whole: new Memo(), parts: new Memo() };
      this.found.set(text, found);
    }
    return found[whole ? "whole" : "parts"].get([keyword, values, pack], () =>
      findKeyword(text, keyword, values, pack, whole),
    );
  }
}

const MOST_FACTS = 5000;

const NONE: Occurrence[] = [];

/** Reads a draft. Pure but for the cache, which only ever saves work. */
export function readDraft(
  draft: Draft,
  context: ProofContext,
  profile: Profile,
  cache = new ReadingCache(),
): DraftReading {
  const pack = languagePack(draft.meta.language);
  const keyword = cache.keyword(draft.meta.keyword, pack);
  const values = profile.matching;
  const title = cache.field("title", draft.meta.title, pack);
  const headings: HeadingReading[] = [];
  const bodyHasH1 = draft.blocks.some((block) => block.kind === "heading" && block.level === 1);
  const { titleAsH1 } = context.site;
  if (title && (titleAsH1 === "always" || (titleAsH1 === "auto" && !bodyHasH1))) {
    headings.push({ text: title.text, level: 1, block: null });
  }

  let words = 0;
  let useCount = 0;
  let section: SectionReading = { words: 0, heading: null, firstBlock: 0 };
  const sections = [section];
  const pictures: DraftReading["pictures"] = [];
  const links: LinkReading[] = [];
  const uses: DraftReading["uses"] = [];
  const prose: number[] = [];

  draft.blocks.forEach((block, i) => {
    if (block.kind === "divider" || block.kind === "contents") return;
    const known = cache.block(block);
    if (known.links.length) for (const link of known.links) links.push({ ...link, block: i });
    if (block.kind === "picture") pictures.push({ block: i, picture: block });
    if (block.kind === "heading") {
      headings.push({ text: block.text, level: block.level, block: i });
      section = { words: 0, heading: i, firstBlock: i + 1 };
      sections.push(section);
    }
    if (!countsAsWords(block)) return;
    const count = known.analysed(pack).tokens.length;
    words += count;
    if (count && isProse(block)) prose.push(i);
    if (block.kind !== "heading") section.words += count;
    const occurrences = known.uses(keyword, values, pack);
    if (occurrences.length) {
      uses.push({ block: i, occurrences });
      useCount += occurrences.length;
    }
  });

  const analyses = cache.memory<AnalysedText>(["analysed", pack.code]);
  const blockAt = (index: number) => cache.block(draft.blocks[index]!);
  return {
    draft,
    context,
    profile,
    pack,
    keyword,
    searchTitle: cache.field("metaTitle", draft.meta.metaTitle, pack) ?? title,
    description: cache.field("description", draft.meta.description, pack),
    slug: cache.field("slug", draft.meta.slug, pack),
    words,
    h1s: headings.filter((heading) => heading.level === 1),
    headings,
    sections,
    pictures,
    links,
    uses,
    useCount,
    coverage: coverage(draft, context, profile, pack, words, cache),
    prose,
    proseOf: (index) => {
      const block = blockAt(index);
      return block.prose(block.uses(keyword, values, pack), pack);
    },
    passivesOf: (index) => blockAt(index).passives(pack),
    analysed: (index) => blockAt(index).analysed(pack),
    analyse: (text) => analyses.get(text, () => analyseText(text, pack)),
    findIn: (text, whole) => (keyword ? cache.find(text, keyword, values, pack, whole) : NONE),
    memory: (...on) => cache.memory([...on, pack.code]),
  };
}

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

function coverage(
  { blocks }: Draft,
  context: ProofContext,
  profile: Profile,
  pack: LanguagePack,
  words: number,
  cache: ReadingCache,
): Coverage | null {
  const field = cache.fieldReady(context, pack);
  if (!field) return null;
  const covered: CoveredBlock[] = [];
  for (let at = 0; at < blocks.length; at++) {
    const block = blocks[at]!;
    if (!countsAsWords(block)) continue;
    const known = cache.block(block);
    covered.push({
      facts: known.facts(field, pack),
      words: known.analysed(pack).tokens.length,
      heading: block.kind === "heading",
      at,
    });
  }
  const { overShare, overFactor } = profile.checks["field-terms"];
  const { answerWords } = profile.checks["reader-questions"];
  return coverageOf(field, covered, words, { overShare, overFactor, answerWords });
}

function blockLinks(block: Block): PlacedLink[] {
  if (
    block.kind === "code" ||
    block.kind === "embed" ||
    block.kind === "divider" ||
    block.kind === "contents"
  )
    return [];
  const links = linksOf(block.runs);
  // A picture that is a link is named by its alt text; it has no span in the caption.
  if (block.kind === "picture" && block.link)
    links.unshift({ link: block.link, text: block.alt ?? "", start: 0, end: 0 });
  return links;
}

export type { Token };
