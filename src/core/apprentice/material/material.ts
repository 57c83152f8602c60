/** The material of one request: everything that an answer may be made from, cut into pieces that know where they stand. */
import { analyseCompetitors } from "../../benchmark/competitors";
import type { CompetitorPage } from "../../competitors/page";
import { statisticsOf } from "../../competitors/statistics";
import { emptyMeta } from "../../draft/meta";
import type { Profile } from "../../proof/profile";
import { languagePack } from "../../text/language";
import type { LanguagePack } from "../../text/packs/pack";
import { sentences } from "../../text/sentences";
import { readTranscript } from "../../transcript/cues";
import { spokenSentences } from "../../transcript/mend";
import type { Voice } from "../../voice/shapes";
import { readFragment } from "../english/fragment";
import type { OriginKind } from "../shapes";
import { type Copies, copiesIn } from "./copies";
import { type Fact, factOf } from "./facts";
import { type Passage, standingQuote } from "./passage";
import { blocksOfText, type ProseSection, proseSections } from "./prose";
import type { MaterialSource, WrittenPost } from "./shapes";

export interface OwnPost {
  title: string;
  description: string;
  sections: ProseSection[];
}

export interface Heading {
  level: 2 | 3;
  text: string;
  faq: boolean;
  notes: Passage[];
}

export interface Topic {
  label: string;
  pages: number;
  of: number;
  level: number;
}

export interface Material {
  language: string;
  pack: LanguagePack;
  keyword: string;
  supporting: readonly string[];
  title: string;
  audience: string;
  goal: string;
  tones: readonly string[];
  avoid: readonly string[];
  outline: readonly Heading[];
  notes: readonly Passage[];
  /** The post, as far as it is written; null where nothing is. */
  post: OwnPost | null;
  posts: readonly OwnPost[];
  questions: readonly Passage[];
  facts: readonly Fact[];
  topics: readonly Topic[];
  spoken: readonly Passage[];
  product: readonly Passage[];
  copies: Copies;
  voice: Voice | null;
  /** Words that are written with a capital wherever they stand. */
  names: ReadonlySet<string>;
  /** Everything that was handed over, as one text: what figures and quotes are looked for in. */
  whole: string;
}

/**
 * @param source from a file or a workspace
 * @param language of the answers; English where nobody says
 * @param request what the request itself says, besides the material
 * @param profile by which competing pages are read
 */
export function gatherMaterial(
  source: MaterialSource,
  {
    language = "en",
    request = "",
    profile,
  }: { language?: string | undefined; request?: string; profile: Profile },
): Material {
  const pack = languagePack(language);
  const read = competing(source, language, profile);
  return {
    language,
    pack,
    keyword: source.keyword?.trim() ?? "",
    supporting: source.supporting ?? [],
    title: (source.title || source.post?.title || "").trim(),
    audience: source.audience?.trim() ?? "",
    goal: source.goal?.trim() ?? "",
    tones: source.tones ?? [],
    avoid: source.avoid ?? [],
    outline: (source.outline ?? [])
      .filter(({ text }) => text.trim())
      .map(({ level = 2, text, note = "", faq = false }) => ({
        level,
        text: text.trim(),
        faq,
        notes: noteLines(note, "outline", text.trim()),
      })),
    notes: (source.notes ?? []).flatMap((note) => noteLines(note, "note", "notes")),
    post: source.post ? gatherPost(source.post, pack, "post") : null,
    posts: (source.posts ?? []).map((post) => gatherPost(post, pack, post.title)),
    questions: [...new Set([...(source.questions ?? []), ...read.questions])]
      .map((text) => text.trim())
      .filter(Boolean)
      .map((text) => ({ kind: "question", ref: "readers ask", text, quote: text })),
    facts: read.facts,
    topics: read.topics,
    spoken: spokenPassages(source.transcript ?? "", pack),
    product: sentencesOf(source.description ?? "", "description", "description", pack),
    copies: copiesIn(
      (source.pages ?? []).map(({ site, address, title, text }) => ({
        name: site || address || title || "a competing page",
        text,
      })),
    ),
    voice: source.voice ?? null,
    names: namesIn(`${allTexts(source)}\n${request}`),
    whole: `${allTexts(source)}\n${request}`,
  };
}

const allTexts = (value: unknown): string =>
  typeof value === "string"
    ? value
    : typeof value === "number"
      ? String(value)
      : value && typeof value === "object"
        ? Object.values(value).map(allTexts).join("\n")
        : "";

/** A word behind one in small letters has its capital of its own, where nobody writes it small. */
function namesIn(text: string): Set<string> {
  const small = new Set([...text.matchAll(/(?<![\p{L}’'])\p{Ll}[\p{L}'’]+/gu)].map(([word]) => word));
  const names = new Set<string>();
  for (const [, word] of text.matchAll(/[\p{Ll}\p{N},] (\p{Lu}[\p{L}'’]+)/gu)) {
    const bare = word!.replace(/['’]s$/u, "");
    if (!small.has(bare.toLowerCase())) names.add(bare);
  }
  return names;
}

/** A note, a line each; a line of several sentences or things is several. */
export function noteLines(note: string, kind: OriginKind, ref: string): Passage[] {
  return note
    .split(/\r?\n|;\s+|(?<=[.!?])\s+(?=\p{Lu})/u)
    .map((line) => readFragment(line).text)
    .filter((line) => /\p{L}/u.test(line))
    .map((text) => ({ kind, ref, text, quote: standingQuote(text, note) }));
}

export function sentencesOf(text: string, kind: OriginKind, ref: string, pack: LanguagePack): Passage[] {
  return text
    .split(/\r?\n+/)
    .flatMap((line) => sentences(line, pack).map(({ start, end }) => line.slice(start, end)))
    .map((said) => ({ kind, ref, text: said.replace(/\s+/gu, " "), quote: said }));
}

/** @param ref what its passages are quoted as */
export function gatherPost(
  { title, text = "", description = "" }: WrittenPost,
  pack: LanguagePack,
  ref = "post",
): OwnPost {
  return {
    title: title.trim(),
    description,
    sections: proseSections(blocksOfText(text), { source: text, kind: "post", ref, pack }),
  };
}

function spokenPassages(text: string, pack: LanguagePack): Passage[] {
  if (!text.trim()) return [];
  return spokenSentences(readTranscript(text), { dropFillers: true }, pack).map(
    ({ text: said, start, speaker }) => ({
      kind: "transcript",
      ref: [start === null ? "" : clock(start), speaker].filter(Boolean).join(" ") || "transcript",
      text: said,
      quote: standingQuote(said, text),
    }),
  );
}

const clock = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, "0")}`;

function competing(
  { pages = [], topics, facts = [], keyword = "" }: MaterialSource,
  language: string,
  profile: Profile,
): { topics: Topic[]; facts: Fact[]; questions: string[] } {
  const pack = languagePack(language);
  const read = pages.map((page, rank) => ({
    site: page.site || page.title || page.address || "",
    page: asPage(page, rank, language),
  }));
  const given = facts.flatMap(({ sentence, site, address }) => factOf(sentence, site, address) ?? []);
  const stated = read.flatMap(({ site, page }) =>
    statisticsOf(page.draft.blocks, { title: page.title, address: page.address }, pack).flatMap(
      ({ sentence }) => factOf(sentence, site, page.address) ?? [],
    ),
  );
  if (topics || !pages.length) return { topics: topics ?? [], facts: [...given, ...stated], questions: [] };
  const analysis = analyseCompetitors(
    read.map(({ page }, rank) => ({ rank, page })),
    { keyword, language, profile },
  );
  return {
    topics: analysis.topics.map(({ label, pages: n, level }) => ({
      label,
      pages: n,
      of: pages.length,
      level,
    })),
    facts: [...given, ...stated],
    questions: analysis.questions.map(({ text }) => text),
  };
}

function asPage(
  { address, site = "", title = "", text }: NonNullable<MaterialSource["pages"]>[number],
  rank: number,
  language: string,
): CompetitorPage {
  const blocks = blocksOfText(text);
  return {
    address: address || `page-${rank + 1}`,
    site,
    title,
    description: "",
    canonical: "",
    language,
    author: "",
    published: "",
    modified: "",
    types: [],
    draft: {
      meta: { ...emptyMeta, title, metaTitle: title, language },
      blocks,
      headingIds: "derived",
    },
  };
}
