/** The pages that the stand-in search ranks, read once: words by field, links, questions asked. */
import type { Block } from "../../../core/draft/draft";
import { draftFromHtml } from "../../../core/draft/fromHtml";
import { analyseText } from "../../../core/text/analyse";
import { languagePack } from "../../../core/text/language";
import { sentences } from "../../../core/text/sentences";
import type { RankedPage } from "../../../data/schemas/search";
import type { WebPage } from "../web/pages";
import { Bm25Index } from "./bm25";
import { linkPriors, linksFromElsewhere } from "./linkPrior";

/** A word in the title weighs as much as four in the body, in a heading as much as two. */
const WEIGHTS = { title: 4, headings: 2, body: 1 };
/** How far the link prior lifts the best linked page over one that nobody links to. */
const PRIOR_LIFT = 0.35;
/** A page ranks where it has words that carry this share of what the query says. */
const COVERED = 0.6;
/** What is this far behind the first is no answer. */
const FAR_BEHIND = 0.3;
const LONGEST_QUESTION = 12;

export interface Ranked {
  page: CorpusPage;
  /** Share of the query's stems that the page has. */
  has: number;
  /** Share of what the query says, its rare stems counting for more, that the page's words carry. */
  covered: number;
  score: number;
}

export interface CorpusPage extends RankedPage {
  /** Link prior as a share of the best linked page's. */
  prior: number;
  titleStems: ReadonlySet<string>;
  stems: ReadonlySet<string>;
  /** Questions that people ask on it, as they wrote them. */
  questions: string[];
}

export class Corpus {
  readonly pages: CorpusPage[];
  readonly #index: Bm25Index<keyof typeof WEIGHTS>;

  constructor(web: readonly WebPage[]) {
    const read = web.map(readPage);
    const linked = read.map(({ address, site, links }) => ({ address, site, links }));
    const priors = linkPriors(linked);
    const linksIn = linksFromElsewhere(linked);
    const top = Math.max(...priors, Number.MIN_VALUE);
    this.pages = read.map(({ links: _links, fields, ...page }, i) => ({
      ...page,
      linksIn: linksIn[i]!,
      prior: priors[i]! / top,
      titleStems: new Set(fields.title),
      stems: new Set([...fields.title, ...fields.headings, ...fields.body]),
    }));
    this.#index = new Bm25Index(read, { weights: WEIGHTS });
  }

  /** The pages that answer a query, the best first. */
  rank(stems: readonly string[], most: number): Ranked[] {
    return this.rivals(stems, most).filter(({ covered }) => covered >= COVERED);
  }

  /** The pages that stand in a query's way, the best first: those that answer it, and those that are merely about its subject. */
  rivals(stems: readonly string[], most: number): Ranked[] {
    const weights = stems.map((stem) => this.#index.idf(stem));
    const total = weights.reduce((sum, w) => sum + w, 0);
    const ranked = this.#index
      .search(stems)
      .map(({ document, score }) => {
        const page = this.pages[document]!;
        const carried = stems.reduce((sum, stem, i) => sum + (page.stems.has(stem) ? weights[i]! : 0), 0);
        return {
          page,
          has: stems.filter((stem) => page.stems.has(stem)).length / stems.length,
          covered: total ? carried / total : 0,
          score: score * (1 + PRIOR_LIFT * page.prior),
        };
      })
      .sort((a, b) => b.score - a.score);
    const least = (ranked[0]?.score ?? 0) * FAR_BEHIND;
    return ranked.filter(({ score }) => score >= least).slice(0, most);
  }
}

/** Content stems of a text, in order. */
export function contentOf(text: string, language = "en"): string[] {
  return analyseText(text, languagePack(language))
    .tokens.filter(({ small }) => !small)
    .map(({ stem }) => stem);
}

function readPage({ site, address, html }: WebPage) {
  const { meta, blocks } = draftFromHtml(html);
  const title = meta.metaTitle || meta.title;
  const headings = [meta.title, ...blocks.filter(({ kind }) => kind === "heading").map(({ text }) => text)];
  const texts = blocks.filter(({ kind }) => kind !== "heading").map(({ text }) => text);
  return {
    address,
    site: site.name,
    title,
    description: meta.description,
    links: linksOf(blocks, address),
    questions: questionsIn([...headings, ...texts], site.language),
    fields: {
      title: contentOf(title),
      headings: headings.flatMap((heading) => contentOf(heading)),
      body: texts.flatMap((text) => contentOf(text)),
    },
  };
}

function linksOf(blocks: readonly Block[], address: string): string[] {
  return blocks.flatMap(({ runs }) =>
    runs.flatMap(({ link }) =>
      link && URL.canParse(link.href, address) ? [withoutFragment(new URL(link.href, address))] : [],
    ),
  );
}

function withoutFragment(url: URL): string {
  url.hash = "";
  return url.href.replace(/\/$/, "");
}

/** Sentences that end with a question mark and are short enough to be asked of a search. */
function questionsIn(texts: readonly string[], language: string): string[] {
  const pack = languagePack(language);
  return texts.flatMap((text) =>
    sentences(text, pack)
      .map(({ start, end }) => text.slice(start, end).trim())
      .filter((sentence) => sentence.endsWith("?") && sentence.split(/\s+/).length <= LONGEST_QUESTION),
  );
}
