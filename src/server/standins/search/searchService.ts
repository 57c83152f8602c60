/** What the stand-in search answers, computed from the keyword log and the pages of the stand-in web. */
import { sameKeyword } from "../../../core/keywords/list";
import { KeywordReader } from "../../../core/keywords/reader";
import { foldPlain } from "../../../core/text/fold";
import type {
  Article,
  Idea,
  KeywordNumbers,
  RankedPage,
  Region,
  SearchOperation,
  SearchOperations,
} from "../../../data/schemas/search";
import { type Corpus, type CorpusPage, contentOf, type Ranked } from "./corpus";
import { difficultyOf } from "./difficulty";
import type { KeywordLog, LoggedQuery } from "./keywordLog";

export const REGIONS: Region[] = [
  { code: "RV", name: "River counties", language: "en" },
  { code: "NC", name: "North coast", language: "en" },
];
const NAME = "Stand-in search";
const RANKING = 10;
/** A related query carries at least this share of what the seed says. */
const RELATED = 0.5;
/** Share of the searches that click a place: a guess that falls with the place, as the stand-in's own. */
const clicks = (place: number): number => 0.3 / place;

/** A logged query with what is computed of it once. */
interface AnsweredQuery {
  numbers: KeywordNumbers;
  folded: string;
  stems: ReadonlySet<string>;
  question: boolean;
  ranked: Ranked[];
}

export class SearchService {
  readonly #corpus: Corpus;
  readonly #lastMonth: string;
  readonly #byRegion: Map<string, AnsweredQuery[]>;
  /** How much each stem says: ln(1 + N / n) over the log's queries. */
  readonly #weights = new Map<string, number>();

  constructor(log: KeywordLog, corpus: Corpus) {
    this.#corpus = corpus;
    this.#lastMonth = log.lastMonth;
    const reader = new KeywordReader("en");
    const computed = new Map<string, Omit<AnsweredQuery, "numbers"> & { difficulty: number }>();
    const compute = (query: string) => {
      const cached = computed.get(query);
      if (cached) return cached;
      const stems = contentOf(query);
      const ranked = corpus.rank(stems, RANKING);
      const entry = {
        folded: foldPlain(query),
        stems: new Set(stems),
        question: reader.read(query).question,
        ranked,
        difficulty: difficultyOf(stems, corpus.rivals(stems, RANKING)),
      };
      computed.set(query, entry);
      return entry;
    };
    this.#byRegion = new Map(
      [...log.regions].map(([region, queries]) => [
        region,
        queries.map((logged) => {
          const { difficulty, ...rest } = compute(logged.query);
          return { ...rest, numbers: numbersOf(logged, difficulty) };
        }),
      ]),
    );
    for (const { stems } of computed.values())
      for (const stem of stems) this.#weights.set(stem, (this.#weights.get(stem) ?? 0) + 1);
    for (const [stem, n] of this.#weights) this.#weights.set(stem, Math.log(1 + computed.size / n));
  }

  /** @throws UnknownRegion */
  answer<Operation extends SearchOperation>(
    operation: Operation,
    question: SearchOperations[Operation]["question"],
  ): SearchOperations[Operation]["answer"] {
    const operations: { [O in SearchOperation]: (q: never) => SearchOperations[O]["answer"] } = {
      regions: () => ({ service: NAME, standIn: true, regions: REGIONS }),
      ideas: (q: SearchOperations["ideas"]["question"]) => this.#ideas(q),
      numbers: (q: SearchOperations["numbers"]["question"]) => this.#numbers(q),
      ranking: (q: SearchOperations["ranking"]["question"]) => ({
        standIn: true,
        pages: this.#corpus.rank(contentOf(q.query), q.most).map(({ page }) => shown(page)),
      }),
      articles: (q: SearchOperations["articles"]["question"]) => this.#articles(q),
    };
    return operations[operation](question as never);
  }

  #queries(region: string): AnsweredQuery[] {
    const queries = this.#byRegion.get(region);
    if (!queries) throw new UnknownRegion(region);
    return queries;
  }

  #ideas({ seed, region, most }: SearchOperations["ideas"]["question"]) {
    const folded = foldPlain(seed);
    const stems = new Set(contentOf(seed));
    const ideas: Idea[] = [];
    for (const query of this.#queries(region)) {
      const how = this.#how(query, folded, stems);
      if (how) ideas.push(ideaOf(how, query));
    }
    const questions = this.#questionIdeas(stems, region);
    for (const idea of questions) {
      const match = ideas.find(({ numbers }) => sameKeyword(numbers.keyword, idea.numbers.keyword));
      if (!match) ideas.push(idea);
      else if (idea.asked) match.asked = idea.asked;
    }
    const order = ["seed", "suggested", "question", "related"];
    ideas.sort(
      (a, b) =>
        order.indexOf(a.how) - order.indexOf(b.how) ||
        (b.numbers.searches ?? -1) - (a.numbers.searches ?? -1),
    );
    return {
      standIn: true,
      lastMonth: this.#lastMonth,
      ideas: ideas.slice(0, most),
      ...(!ideas.length && {
        note: `The stand-in knows no searches like “${seed}”: its log is about cargo bikes and made up. For real numbers, import a keyword file or connect a service in Settings.`,
      }),
    };
  }

  /** How a logged query comes up for a seed, if it does. */
  #how(
    { folded, stems, question }: AnsweredQuery,
    seed: string,
    seedStems: ReadonlySet<string>,
  ): Idea["how"] | null {
    if (folded === seed) return "seed";
    const shared = this.#weigh([...seedStems].filter((stem) => stems.has(stem)));
    const all = this.#weigh(seedStems);
    const share = all ? shared / all : 0;
    if (question) return share >= RELATED ? "question" : null;
    if (folded.startsWith(`${seed} `) || (all > 0 && shared === all)) return "suggested";
    return share >= RELATED ? "related" : null;
  }

  #weigh(stems: Iterable<string>): number {
    let sum = 0;
    // A stem that no query has says more than any that one has.
    for (const stem of stems) sum += this.#weights.get(stem) ?? 8;
    return sum;
  }

  /** Questions that people ask on pages about the seed. Their searches are known only where the log has them. */
  #questionIdeas(seedStems: ReadonlySet<string>, region: string): Idea[] {
    const logged = new Map(this.#queries(region).map((query) => [query.folded, query]));
    const ideas = new Map<string, Idea>();
    for (const page of this.#corpus.pages) {
      for (const question of page.questions) {
        const stems = new Set(contentOf(question));
        const shared = this.#weigh([...seedStems].filter((stem) => stems.has(stem)));
        if (!seedStems.size || shared < RELATED * this.#weigh(seedStems)) continue;
        const keyword = question.replace(/\s*\?+$/, "").toLowerCase();
        const key = foldPlain(keyword);
        const source = { title: page.title, address: page.address };
        const earlier = ideas.get(key);
        if (earlier) earlier.asked = [...(earlier.asked ?? []), source];
        else {
          const match = logged.get(key);
          const idea: Idea = match
            ? ideaOf("question", match)
            : { how: "question", numbers: unknownNumbers(keyword), ranking: [] };
          ideas.set(key, { ...idea, asked: [source] });
        }
      }
    }
    return [...ideas.values()];
  }

  #numbers({ keywords, region }: SearchOperations["numbers"]["question"]) {
    const logged = new Map(this.#queries(region).map((query) => [query.folded, query.numbers]));
    return {
      standIn: true,
      lastMonth: this.#lastMonth,
      numbers: keywords.flatMap((keyword) => {
        const numbers = logged.get(foldPlain(keyword));
        return numbers ? [{ ...numbers, keyword }] : [];
      }),
    };
  }

  #articles({ subject, region, most }: SearchOperations["articles"]["question"]) {
    const pages = this.#corpus.rank(contentOf(subject), most).map(({ page }) => page);
    const drawn = new Map<CorpusPage, Article["keywords"]>(pages.map((page) => [page, []]));
    for (const { ranked, numbers } of this.#queries(region))
      for (const [i, { page }] of ranked.entries()) drawn.get(page)?.push({ place: i + 1, numbers });
    return {
      standIn: true,
      lastMonth: this.#lastMonth,
      articles: pages
        .map((page): Article => {
          const keywords = drawn.get(page)!;
          const led = ({ place, numbers }: Article["keywords"][number]) =>
            (numbers.searches ?? 0) * clicks(place);
          return {
            page: shown(page),
            searches: Math.round(keywords.reduce((sum, keyword) => sum + led(keyword), 0)),
            keywords: keywords.sort((a, b) => led(b) - led(a)).slice(0, 100),
          };
        })
        .sort((a, b) => (b.searches ?? 0) - (a.searches ?? 0)),
    };
  }
}

export class UnknownRegion extends Error {
  constructor(region: string) {
    super(
      `There are no numbers for the region “${region}”. The regions are ${REGIONS.map(({ code }) => code).join(" and ")}.`,
    );
  }
}

function numbersOf({ query, intent, costPerClick, months }: LoggedQuery, difficulty: number): KeywordNumbers {
  const mean = months.reduce((sum, n) => sum + n, 0) / months.length;
  return { keyword: query, searches: Math.round(mean / 10) * 10, months, difficulty, intent, costPerClick };
}

const unknownNumbers = (keyword: string): KeywordNumbers => ({
  keyword,
  searches: null,
  months: [],
  difficulty: null,
  intent: "",
  costPerClick: null,
});

const ideaOf = (how: Idea["how"], { numbers, ranked }: AnsweredQuery): Idea => ({
  how,
  numbers,
  ranking: ranked.map(({ page }) => page.address),
});

const shown = ({ address, site, title, description, linksIn }: CorpusPage): RankedPage => ({
  address,
  site,
  title,
  description,
  linksIn,
});
