/** The demo's keyword research: look-ups as the stand-in search answers them, a list for every post, lists without one, ideas. */
import { join } from "node:path";
import { bareListKeyword, followPost, type KeywordList, type ListKeyword } from "../src/core/keywords/list";
import { withTarget } from "../src/core/keywords/listChanges";
import { rowsOf, type SourcedKeyword } from "../src/core/keywords/table";
import { listOfPost } from "../src/data/listOfPost";
import type { Idea, LookUp, Post } from "../src/data/model";
import type { Article } from "../src/data/schemas/search";
import type { LookUpFile } from "../src/data/workspace/workspaceFile";
import { Corpus } from "../src/server/standins/search/corpus";
import { readKeywordLog } from "../src/server/standins/search/keywordLog";
import { REGIONS, SearchService } from "../src/server/standins/search/searchService";
import { readWeb } from "../src/server/standins/web/pages";
import { joinTables, sourcedKeyword } from "../src/workers/lookUpJob";

const service = new SearchService(
  readKeywordLog(join(import.meta.dirname, "keyword-log.csv")),
  new Corpus(readWeb(join(import.meta.dirname, "web"))),
);
const HOME = REGIONS[0]!;

/** The stand-in search itself, and the region that the demo looks up. */
export const searchOfTheDemo = () => ({ service, region: HOME });

/** Supporting keywords of the demo's posts, beside those that stand in their files. */
const SUPPORTING: Record<string, string> = {
  "best-lock-for-a-cargo-bike":
    "cargo bike lock review; lock a longtail; folding lock; ground anchor for cargo bike; cargo bike alarm; cargo bike stolen",
  "cargo-bike-hire":
    "cargo bike for a weekend; cargo bike rental prices; hire electric cargo bike; cargo bike test ride; cargo bike hire with child seats; try a cargo bike before buying",
  "weekend-cargo-bike-hire":
    "cargo bike for a weekend; rent a cargo bike; cargo bike rental prices; cargo bike hire for moving; box bike hire",
  "cargo-bike-maintenance":
    "cargo bike service; cargo bike service interval; how to clean a cargo bike; cargo bike chain; cargo bike brake pads; cargo bike tyre pressure; cargo bike checklist before riding",
  "cargo-bike-or-second-car":
    "cargo bike instead of car; living without a second car; can a cargo bike replace a car; cost of a second car; cargo bike savings; selling the family car",
  "carrying-a-dog":
    "how to carry a dog on a bike; cargo bike for large dogs; dog box for cargo bike; cargo bike ramp for dogs",
  "delivery-by-cargo-bike":
    "last mile delivery; cargo bike courier; cargo bike for business; cargo bike delivery cost; van or cargo bike in town",
  "e-bike-battery-in-winter":
    "ebike range in cold; store ebike battery; charge e-bike battery in cold; e-bike battery life; winter cycling with children",
  "electric-cargo-bike-for-families":
    "best family cargo bike; is an electric cargo bike worth it; electric cargo bike range; family cargo bike safety; box bike for two children",
  "winter-cycling-with-children":
    "keep children warm in a cargo bike; cargo bike rain cover; cargo bike in winter; cycling with a baby in winter; children's clothes for winter cycling; winter cycling lights",
};
const FREE_LISTS: [string, string, string][] = [
  [
    "School run in the dark",
    "winter cycling lights",
    "school run in the dark; reflective vest for children; cargo bike lights; cargo bike school run; keep children warm in a cargo bike",
  ],
  [
    "Buying used",
    "used electric cargo bike",
    "used family cargo bike; used longtail bike; electric cargo bike second hand price; cargo bike resale value; how long does a cargo bike last",
  ],
  [
    "Trades",
    "cargo bike for plumbers",
    "cargo bike for electricians; cargo bike for florists; cargo bike for business; cargo bike or van for plumbers; lease cargo bike for business",
  ],
];
const IDEAS: [string, string, string, string][] = [
  [
    "A cargo bike in a flat: five hallways, measured",
    "Neighbours let us in with a tape and a longtail; what fits, what scrapes, what the landlord said.",
    "cargo bike in a flat; where to keep a cargo bike; ask landlord for bike parking",
    "Asked in the workshop, twice in one week",
  ],
  [
    "What eight years of school runs do to a bike",
    "Dev takes the oldest bike of the hire fleet apart and prices every part.",
    "how long does a cargo bike last; cargo bike maintenance",
    "Written by Dev Raman",
  ],
  [
    "The bike bus of Chapel Rise",
    "Eleven children, three adults, one bell: how it started and who pays for the coffee.",
    "bike bus to school; how to start a bike bus",
    "Written by Pia Lindqvist",
  ],
  [
    "Three in the box: when is it one too many?",
    "Weights by age, the plate on the frame, and a pair of scales.",
    "cargo bike for three children; family cargo bike payload",
    "Article: Which cargo bike for three children? (Playground Board)",
  ],
];
const LOOK_UPS: { seeds: string[]; madeAt: string; region: number }[] = [
  { seeds: ["electric cargo bike", "family cargo bike"], madeAt: "2026-11-19T08:42:00.000Z", region: 0 },
  { seeds: ["cargo bike"], madeAt: "2026-11-16T15:20:00.000Z", region: 0 },
  { seeds: ["winter cycling"], madeAt: "2026-11-12T13:05:00.000Z", region: 1 },
  {
    seeds: ["cargo bike maintenance", "cargo bike brakes", "cargo bike service"],
    madeAt: "2026-10-27T09:30:00.000Z",
    region: 0,
  },
];

const list = (text: string): string[] =>
  text
    .split(";")
    .map((part) => part.trim())
    .filter(Boolean);

export const supportingOf = (id: string, own: readonly string[]): string[] => [
  ...new Set([...own, ...list(SUPPORTING[id] ?? "")]),
];

export interface DemoResearch {
  lists: KeywordList[];
  lookUps: { lookUp: LookUp; held: LookUpFile }[];
  ideas: Idea[];
}

export function demoResearch(posts: readonly Post[], stamp: string): DemoResearch {
  return {
    lists: [
      ...posts.filter(({ keyword }) => keyword).map((post) => withNumbers(listOfPost(post))),
      ...freeLists(stamp),
    ],
    lookUps: LOOK_UPS.map(lookUpOf),
    ideas: IDEAS.map(([title, sentence, keywords, from], i) => ({
      id: `idea-${i + 1}`,
      title,
      sentence,
      keywords: list(keywords),
      from,
      postId: null,
      createdAt: `2026-11-${String(18 - 3 * i).padStart(2, "0")}T10:00:00.000Z`,
    })),
  };
}

function freeLists(stamp: string): KeywordList[] {
  return FREE_LISTS.map(([name, target, supporting], i) => {
    const empty: KeywordList = {
      id: `free-${i + 1}`,
      name,
      postId: null,
      language: "en",
      target: "",
      keywords: [],
      createdAt: stamp,
      updatedAt: stamp,
    };
    return withTarget(withNumbers(followPost(empty, target, list(supporting))), target);
  });
}

/** The numbers that the stand-in knows; what it does not know stays unknown. */
function withNumbers(of: KeywordList): KeywordList {
  const { numbers, lastMonth } = service.answer("numbers", {
    keywords: of.keywords.map(({ text }) => text),
    region: HOME.code,
  });
  const numbersOf = new Map(numbers.map(({ keyword, ...rest }) => [keyword, rest]));
  return {
    ...of,
    keywords: of.keywords.map((keyword): ListKeyword => {
      const figures = numbersOf.get(keyword.text);
      return figures
        ? { ...keyword, ...figures, lastMonth, standIn: true, region: HOME.code }
        : { ...bareListKeyword(keyword.text), note: keyword.note };
    }),
  };
}

function lookUpOf({ seeds, madeAt, region }: (typeof LOOK_UPS)[number]): DemoResearch["lookUps"][number] {
  const where = REGIONS[region]!;
  const rows: SourcedKeyword[] = [];
  const articles = new Map<string, Article>();
  for (const seed of seeds) {
    const { ideas, lastMonth } = service.answer("ideas", { seed, region: where.code, most: 2000 });
    for (const idea of ideas) rows.push(sourcedKeyword(idea, seed, { lastMonth, standIn: true }));
    for (const article of service.answer("articles", { subject: seed, region: where.code, most: 20 })
      .articles)
      articles.set(article.page.address, article);
  }
  const { table } = joinTables(null, rows);
  const lookUp: LookUp = {
    id: `look-up-${seeds[0]!.replaceAll(" ", "-")}`,
    kind: "search",
    seeds,
    region: where.code,
    regionName: where.name,
    language: where.language,
    source: "Stand-in search",
    standIn: true,
    count: table.text.length,
    madeAt,
    openedAt: madeAt,
  };
  return {
    lookUp,
    held: {
      keywords: rowsOf(table),
      articles: [...articles.values()].sort((a, b) => (b.searches ?? 0) - (a.searches ?? 0)),
    },
  };
}
