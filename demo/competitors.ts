/** The demo's competing pages: what the stand-in search ranks for a post's target keyword, read as any page is read. */
import { join } from "node:path";
import { analyseCompetitors, type RankedCompetitor } from "../src/core/benchmark/competitors";
import { readPage } from "../src/core/competitors/page";
import { assemble } from "../src/core/outline/assemble";
import { defaultProfile } from "../src/core/proof/profile";
import type { CompetitorSource, Competitors, DrawerEntry, Post } from "../src/data/model";
import type { CollectedCompetitors } from "../src/data/schemas/collected";
import { readWeb } from "../src/server/standins/web/pages";
import { searchOfTheDemo } from "./research";

const MOST = 20;
const MOST_IDEAS = 500;
/** Pages that a person would drop, with the reason. */
const DROPPED: Record<string, string> = {
  "https://cargobikebargains.example/cargo-bike-maintenance":
    "looks off the subject: it shares little with the other pages",
  "https://paperfold.example/cardboard-cargo-bike":
    "looks off the subject: it shares little with the other pages",
};

export function demoCompetitors(
  post: Post,
  collectedAt: string,
): { competitors: Competitors; collected: CollectedCompetitors; drawer: DrawerEntry[] } {
  const { service, region } = searchOfTheDemo();
  const web = new Map(readWeb(join(import.meta.dirname, "web")).map((page) => [page.address, page]));
  const ranking = service.answer("ranking", { query: post.keyword, region: region.code, most: MOST });
  const pages = ranking.pages.map(
    ({ address }, rank): RankedCompetitor => ({ rank, page: readPage(web.get(address)!.html, address) }),
  );
  const sources = pages.map(
    ({ page, rank }): CompetitorSource => ({
      address: page.address,
      site: page.site || new URL(page.address).host,
      title: page.title,
      rank,
      standIn: true,
      state: DROPPED[page.address] ? "dropped" : "kept",
      why: DROPPED[page.address] ?? "",
    }),
  );
  const questions = service
    .answer("ideas", { seed: post.keyword, region: region.code, most: MOST_IDEAS })
    .ideas.filter(({ how }) => how === "question")
    .map(({ numbers, asked: places = [] }) => ({
      text: numbers.keyword,
      service: "Stand-in search",
      asked: places,
    }));
  const analysis = analyseCompetitors(
    pages.filter(({ page }) => !DROPPED[page.address]),
    { keyword: post.keyword, language: post.language, profile: defaultProfile, asked: questions },
  );
  const id = `field-of-${post.id}`;
  return {
    competitors: {
      id,
      postId: post.id,
      keyword: post.keyword,
      language: post.language,
      regionName: region.name,
      source: "Stand-in search",
      standIn: true,
      collectedAt,
      pages: sources,
      measure: analysis.measure,
      benchmark: analysis.benchmark,
    },
    collected: { pages, asked: questions },
    drawer: assemble(analysis, [], defaultProfile.checks["heading-topics"].leastPresence).map(
      (outline, i) => ({
        ...outline,
        id: `${id}-outline-${i}`,
        kind: "outline",
        postId: post.id,
        createdAt: collectedAt,
      }),
    ),
  };
}
