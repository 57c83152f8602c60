/**
 * The draft as the checks read it: texts cut and stemmed, the keyword found in each block, words and links counted.
 * Whatever belongs to one block is remembered with that block, so that after an edit only the edited block is read again.
 */
import type { Block, Draft, PictureBlock } from "../draft/draft";
import { countsAsWords } from "../draft/draft";
import { linksOf, type PlacedLink } from "../draft/runs";
import {
  blockFacts,
  type CompiledField,
  type Coverage,
  type CoveredBlock,
  compileField,
  coverageOf,
} from "../field/coverage";
import { isProse, type Span } from "../marking/marking";
import { passivesIn } from "../marking/passive";
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
  /** What a check finds out about a text from the text alone: computed once, however often the draft is judged. */
  remember<T>(kind: string, text: string, compute: () => T): T;
}

/** What is remembered of a block. Blocks are never changed in place, so their identity is the key. */
interface BlockReading {
  pack: LanguagePack;
  analysed: AnalysedText;
  links: PlacedLink[];
  keyword: CompiledKeyword | null;
  uses: Occurrence[];
  field: CompiledField | null;
  covered: CoveredBlock | null;
  prose: Prose | null;
  passives: Span[] | null;
}

/** Memory that lives as long as its owner: the engine keeps one a post. */
export class ReadingCache {
  readonly blocks = new WeakMap<Block, BlockReading>();
  private fields = new Map<FieldName, FieldReading & { pack: LanguagePack }>();
  private facts = new Map<string, Map<string, unknown>>();
  private factCount = 0;
  private found = new WeakMap<
    AnalysedText,
    { keyword: CompiledKeyword; values: MatchValues; whole?: Occurrence[]; parts?: Occurrence[] }
  >();
  private compiledField: { asked: string; pack: LanguagePack; made: CompiledField } | null = null;
  private compiled: { text: string; pack: LanguagePack; keyword: CompiledKeyword | null } | null = null;

  block(block: Block, pack: LanguagePack): BlockReading {
    const known = this.blocks.get(block);
    if (known && known.pack === pack) return known;
    const made: BlockReading = {
      pack,
      analysed: analyseText(block.text, pack),
      links: blockLinks(block),
      keyword: null,
      uses: NONE,
      field: null,
      covered: null,
      prose: null,
      passives: null,
    };
    this.blocks.set(block, made);
    return made;
  }

  field(name: FieldName, text: string, pack: LanguagePack): FieldReading | null {
    const trimmed = text.trim();
    if (!trimmed) return null;
    const known = this.fields.get(name);
    if (known && known.text === trimmed && known.pack === pack) return known;
    const made = { name, text: trimmed, analysed: analyseText(trimmed, pack), pack };
    this.fields.set(name, made);
    return made;
  }

  keyword(text: string, pack: LanguagePack): CompiledKeyword | null {
    if (!this.compiled || this.compiled.text !== text || this.compiled.pack !== pack) {
      this.compiled = { text, pack, keyword: compileKeyword(text, pack) };
    }
    return this.compiled.keyword;
  }

  /** The field made ready; made anew only where the field, or what is asked of it, is another. */
  fieldReady({ field, questions }: ProofContext, pack: LanguagePack): CompiledField | null {
    if (!field) return null;
    const asked = questions.join("\n");
    const last = this.compiledField;
    if (last && last.made.measure === field && last.asked === asked && last.pack === pack) return last.made;
    this.compiledField = { asked, pack, made: compileField(field, questions, pack) };
    return this.compiledField.made;
  }

  /** What is known of a text by its own words alone; `kind` names the question, and all else that the answer rests on. */
  fact<T>(kind: string, text: string, compute: () => T): T {
    let ofKind = this.facts.get(kind);
    if (ofKind?.has(text)) return ofKind.get(text) as T;
    if (this.factCount >= MOST_FACTS) {
      this.facts.clear();
      this.factCount = 0;
      ofKind = undefined;
    }
    const made = compute();
    if (!ofKind) {
      ofKind = this.facts.get(kind) ?? new Map();
      this.facts.set(kind, ofKind);
    }
    ofKind.set(text, made);
    this.factCount++;
    return made;
  }

  find(
    text: AnalysedText,
    keyword: CompiledKeyword,
    values: MatchValues,
    pack: LanguagePack,
    whole: boolean,
  ): Occurrence[] {
    let known = this.found.get(text);
    if (!known || known.keyword !== keyword || known.values !== values) {
      known = { keyword, values };
      this.found.set(text, known);
    }
    const kind = whole ? "whole" : "parts";
    known[kind] ??= findKeyword(text, keyword, values, pack, whole);
    return known[kind];
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
    const known = cache.block(block, pack);
    if (known.links.length) for (const link of known.links) links.push({ ...link, block: i });
    if (block.kind === "picture") pictures.push({ block: i, picture: block });
    if (block.kind === "heading") {
      headings.push({ text: block.text, level: block.level, block: i });
      section = { words: 0, heading: i, firstBlock: i + 1 };
      sections.push(section);
    }
    if (!countsAsWords(block)) return;
    const count = known.analysed.tokens.length;
    words += count;
    if (count && isProse(block)) prose.push(i);
    if (block.kind !== "heading") section.words += count;
    if (!keyword) return;
    if (known.keyword !== keyword) {
      known.uses = findKeyword(known.analysed, keyword, values, pack);
      known.keyword = keyword;
      known.prose = null;
    }
    if (known.uses.length) {
      uses.push({ block: i, occurrences: known.uses });
      useCount += known.uses.length;
    }
  });

  const analysedKind = `analysed ${pack.code}`;
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
      const known = cache.block(draft.blocks[index]!, pack);
      known.prose ??= proseOf(known.analysed, pack, saysOnly(known.analysed, known.uses));
      return known.prose;
    },
    passivesOf: (index) => {
      const known = cache.block(draft.blocks[index]!, pack);
      known.passives ??= passivesIn(known.analysed, pack);
      return known.passives;
    },
    analysed: (index) => cache.block(draft.blocks[index]!, pack).analysed,
    analyse: (text) => cache.fact(analysedKind, text, () => analyseText(text, pack)),
    findIn: (text, whole) => (keyword ? cache.find(text, keyword, values, pack, whole) : NONE),
    remember: (kind, text, compute) => cache.fact(`${kind} ${pack.code}`, text, compute),
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
  // With every keystroke: what a block says of the field is kept with it, and only its place is new.
  for (let at = 0; at < blocks.length; at++) {
    const block = blocks[at]!;
    if (!countsAsWords(block)) continue;
    const known = cache.block(block, pack);
    if (known.field !== field || !known.covered) {
      known.field = field;
      known.covered = {
        facts: blockFacts(field, block, known.analysed),
        words: known.analysed.tokens.length,
        heading: block.kind === "heading",
        at,
      };
    }
    known.covered.at = at;
    covered.push(known.covered);
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
