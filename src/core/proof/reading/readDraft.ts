import type { CoverageRules } from "../../competitors/coverage";
import { type Coverage, type CoveredBlock, coverageOf } from "../../competitors/coverage";
import type { Draft } from "../../draft/draft";
import { countsAsWords } from "../../draft/words";
import { isProse } from "../../marking/marking";
import { type AnalysedText, analyseText } from "../../text/analyse";
import type { LanguagePack } from "../../text/packs/pack";
import type { ProofContext } from "../context";
import type { DraftReading, HeadingReading, LinkReading, ReadingProfile, SectionReading } from "./reading";
import { NONE, type Stages, stages } from "./stages";

/**
 * Reads a draft: words, headings, sections, links, uses of the keyword, what it covers of competing pages.
 *
 * @param coverRules when something of the competing pages counts as covered
 * @param pack of the draft's language
 * @param from answers about blocks and texts; remembered ones only ever save work
 */
export function readDraft(
  draft: Draft,
  context: ProofContext,
  profile: ReadingProfile,
  pack: LanguagePack,
  coverRules: CoverageRules,
  from: Stages = stages,
): DraftReading {
  const keyword = from.keyword(draft.meta.keyword, pack);
  const values = profile.matching;
  const title = from.field("title", draft.meta.title, pack);
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

  const readings = draft.blocks.map((block) => from.block(block).readFor(keyword, values, pack));
  draft.blocks.forEach((block, i) => {
    if (block.kind === "divider" || block.kind === "contents") return;
    const reading = readings[i]!;
    for (const link of from.block(block).links()) links.push({ ...link, block: i });
    if (block.kind === "picture") pictures.push({ block: i, picture: block });
    if (block.kind === "heading") {
      headings.push({ text: block.text, level: block.level, block: i });
      section = { words: 0, heading: i, firstBlock: i + 1 };
      sections.push(section);
    }
    if (!countsAsWords(block)) return;
    const count = reading.analysed.tokens.length;
    words += count;
    if (count && isProse(block)) prose.push(i);
    if (block.kind !== "heading") section.words += count;
    const occurrences = reading.uses;
    if (occurrences.length) {
      uses.push({ block: i, occurrences });
      useCount += occurrences.length;
    }
  });

  const analyses = from.memory<AnalysedText>(["analysed", pack.code]);
  return {
    draft,
    context,
    profile,
    pack,
    keyword,
    searchTitle: from.field("metaTitle", draft.meta.metaTitle, pack) ?? title,
    description: from.field("description", draft.meta.description, pack),
    slug: from.field("slug", draft.meta.slug, pack),
    words,
    h1s: headings.filter((heading) => heading.level === 1),
    headings,
    sections,
    pictures,
    links,
    uses,
    useCount,
    coverage: coverage(draft, context, coverRules, pack, words, from),
    prose,
    proseOf: (index) => readings[index]!.prose,
    passivesOf: (index) => readings[index]!.passives,
    analysed: (index) => readings[index]!.analysed,
    analyse: (text) => analyses.get(text, () => analyseText(text, pack)),
    findIn: (text, whole) => (keyword ? from.find(text, keyword, values, pack, whole) : NONE),
    memory: (...on) => from.memory([...on, pack.code]),
  };
}

function coverage(
  { blocks }: Draft,
  context: ProofContext,
  rules: CoverageRules,
  pack: LanguagePack,
  words: number,
  from: Stages,
): Coverage | null {
  if (!context.competitors) return null;
  const shared = from.shared(context.competitors, context.questions, pack);
  const covered: CoveredBlock[] = [];
  for (let at = 0; at < blocks.length; at++) {
    const block = blocks[at]!;
    if (!countsAsWords(block)) continue;
    const earlier = from.block(block);
    covered.push({
      facts: earlier.facts(shared, pack),
      words: earlier.analysed(pack).tokens.length,
      heading: block.kind === "heading",
      at,
    });
  }
  return coverageOf(shared, covered, words, rules);
}
