import type { CoverageRules } from "../../competitors/coverage";
import { type Coverage, subjectsIn, termsCovered } from "../../competitors/coverage";
import type { Draft } from "../../draft/draft";
import { once, perObject } from "../../once";
import { type AnalysedText, analyseText } from "../../text/analyse";
import type { LanguagePack } from "../../text/packs/pack";
import type { ProofContext } from "../context";
import { fragmentIds } from "./fragmentIds";
import { openingBlocks, openingOf } from "./opening";
import type { PlacedBlock } from "./placedBlock";
import type {
  BlockReading,
  DraftReading,
  FieldReading,
  HeadingReading,
  LinkReading,
  Opening,
  PictureReading,
  ReadingProfile,
  SectionReading,
} from "./reading";
import { NONE, type Stages, stages } from "./stages";

/**
 * Reads a draft: words, headings, sections, links, uses of the keyword, what it covers of competing pages.
 *
 * @param coverRules when something of the competing pages counts as covered
 * @param pack of the draft's language
 * @param from answers about blocks, texts and the draft; remembered ones only ever save work
 */
export function readDraft(
  draft: Draft,
  context: ProofContext,
  profile: ReadingProfile,
  pack: LanguagePack,
  coverRules: CoverageRules,
  from: Stages = stages,
): DraftReading {
  const { meta } = draft;
  const keyword = from.keyword(meta.keyword, pack);
  const values = profile.matching;
  const blocks = from.placed(draft.blocks, keyword, values, pack);
  const body = readBody(blocks);
  const title = from.field("title", meta.title, pack);
  const { titleAsH1 } = context.site;
  const titleIsH1 =
    title &&
    (titleAsH1 === "always" || (titleAsH1 === "auto" && body.headings.every(({ level }) => level > 1)));
  const headings = titleIsH1 ? [asHeading(title), ...body.headings] : body.headings;
  const analyses = from.memory<AnalysedText>(["analysed", pack.code]);
  const list = listsFrom(from);
  const covers = coverage(blocks, context, coverRules, pack, body.words, from);
  const reading: DraftReading = {
    draft,
    analysed: (index) => blocks[index]!.reading.analysed,
    answer: (question, on, compute) => from.answer(question, on, compute),
    ofParts: (common, names, on, compute) => from.ofParts(reading, common, names, on, compute),
    perStretch: (name, rules, stretches, count) => from.perStretch(name, [rules, pack], stretches, count),

    context,
    profile,
    pack,
    keyword,
    findIn: (text, whole) => (keyword ? from.find(text, keyword, values, pack, whole) : NONE),
    analyse: (text) => analyses.get(text, () => analyseText(text, pack)),
    memory: (...on) => from.memory([...on, pack.code]),

    searchTitle: from.field("metaTitle", meta.metaTitle, pack) ?? title,
    titleSuffix: meta.titleSuffix,
    description: from.field("description", meta.description, pack),
    slug: from.field("slug", meta.slug, pack),
    canonical: meta.canonical,
    opening: opening(blocks, profile.openingWords, from),
    words: body.words,
    hasWords: body.words > 0,
    h1s: list(
      "H1s",
      headings.filter(({ level }) => level === 1),
    ),
    headings: list("headings", headings),
    sections: body.sections,
    pictures: list("pictures", body.pictures),
    links: list("links", body.links),
    fragmentIds: from.answer("fragment ids", [draft.headingIds, ...body.named], () =>
      once(() => fragmentIds(body.named, draft.headingIds)),
    ),
    uses: from.stretches("uses", body.uses),
    useCount: body.useCount,
    coverage: covers,
    terms: covers?.terms ?? null,
    topics: covers?.topics ?? null,
    questions: covers?.questions ?? null,
    prose: from.stretches("prose", body.prose),
  };
  return reading;
}

/** Gives the list of the last time, where it has the same members. */
const listsFrom =
  (from: Stages) =>
  <T>(name: string, members: T[]): T[] =>
    from.answer(name, members, () => members);

/** The title of a post as the page's heading: the same each time. */
const asHeading = perObject(
  ({ text, analysed }: FieldReading): HeadingReading => ({ text, analysed, level: 1, block: null }),
);

function readBody(blocks: readonly PlacedBlock[]) {
  let words = 0;
  let useCount = 0;
  let section: SectionReading = { words: 0, heading: null, firstBlock: 0, shownBy: blocks[0] };
  const sections = [section];
  const headings: HeadingReading[] = [];
  const pictures: PictureReading[] = [];
  const links: LinkReading[] = [];
  const uses: BlockReading[] = [];
  const prose: BlockReading[] = [];
  /** Blocks that a fragment may name. */
  const named: BlockReading[] = [];
  for (const placed of blocks) {
    const { of, block, heading } = placed;
    if (of.kind === "divider" || of.kind === "contents") continue;
    for (const link of placed.links) links.push(link);
    if (placed.picture) pictures.push(placed.picture);
    if (heading) {
      headings.push(heading);
      section = { words: 0, heading: block, firstBlock: block + 1, shownBy: placed };
      sections.push(section);
    }
    if (heading || of.ids?.length) named.push(placed);
    if (!placed.words) continue;
    words += placed.words;
    if (placed.isProse) prose.push(placed);
    if (!heading) section.words += placed.words;
    const { length } = placed.reading.uses;
    if (length) {
      uses.push(placed);
      useCount += length;
    }
  }
  return { words, useCount, sections, headings, pictures, links, uses, prose, named };
}

function opening(blocks: readonly PlacedBlock[], limit: number, from: Stages): Opening | null {
  const opens = openingBlocks(blocks, limit);
  return opens && from.answer("opening", [opens.most, ...opens.blocks], () => openingOf(opens));
}

function coverage(
  blocks: readonly PlacedBlock[],
  context: ProofContext,
  rules: CoverageRules,
  pack: LanguagePack,
  words: number,
  from: Stages,
): Coverage | null {
  if (!context.competitors) return null;
  const shared = from.shared(context.competitors, context.questions, pack);
  const { overShare, overFactor, answerWords } = rules;
  const covered = from.covered(blocks, shared, answerWords);
  const said = from.answer("subjects", [shared, covered, answerWords], () =>
    subjectsIn(shared, covered, answerWords),
  );
  const list = listsFrom(from);
  const topics = list("topics", said.topics);
  const questions = list("questions", said.questions);
  return from.answer("coverage", [shared, said, words, overShare, overFactor], () => ({
    terms: termsCovered(shared, said.counts, words, rules),
    topics,
    questions,
  }));
}
