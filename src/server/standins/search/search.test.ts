import { join } from "node:path";
import express from "express";
import request from "supertest";
import { describe, expect, it } from "vitest";
import type { SearchOperations } from "../../../data/schemas/search";
import { api } from "../../api";
import { readWeb } from "../web/pages";
import { Bm25Index } from "./bm25";
import { Corpus, contentOf } from "./corpus";
import { difficultyOf } from "./difficulty";
import { linkPriors, linksFromElsewhere } from "./linkPrior";

const DEMO = join(import.meta.dirname, "../../../../demo");
const app = express().use("/api", api({ demo: DEMO, reach: "public" }));
const ask = (operation: string, question: unknown, headers: Record<string, string> = {}) =>
  request(app)
    .post(`/api/standins/search/${operation}`)
    .set(headers)
    .send(question as object);
type Answer<O extends keyof SearchOperations> = SearchOperations[O]["answer"];

describe("BM25", () => {
  const doc = (body: string, title = "") => ({
    fields: { title: title.split(" ").filter(Boolean), body: body.split(" ") },
  });
  const index = new Bm25Index(
    [doc("lock chain lock"), doc("chain"), doc("bell", "lock"), doc("bell horn horn")],
    {
      weights: { title: 3, body: 1 },
    },
  );
  it("gives the score of the formula", () => {
    // Lengths 3, 1, 4, 3, mean 2.75; "chain" is in two of four: idf = ln(1 + 2.5 / 2.5).
    const idf = Math.log(2);
    const gain = (f: number, length: number) => (idf * f * 2.2) / (f + 1.2 * (0.25 + (0.75 * length) / 2.75));
    expect(index.search(["chain"])).toEqual([
      { document: 1, score: expect.closeTo(gain(1, 1), 12) },
      { document: 0, score: expect.closeTo(gain(1, 3), 12) },
    ]);
  });
  it("lets a title weigh more than repeating", () => {
    expect(index.search(["lock"]).map(({ document }) => document)).toEqual([2, 0]);
  });
  it("counts a repeated query term once, and finds nothing for an unknown one", () => {
    expect(index.search(["lock", "lock"])).toEqual(index.search(["lock"]));
    expect(index.search(["tax"])).toEqual([]);
    expect(new Bm25Index([], { weights: { body: 1 } }).search(["lock"])).toEqual([]);
  });
  it("ranks a rare term above a common one", () => {
    expect(index.idf("horn")).toBeGreaterThan(index.idf("lock"));
    expect(index.idf("none")).toBeGreaterThan(index.idf("horn"));
  });
});

describe("the link prior", () => {
  const page = (address: string, links: string[], site = address) => ({ address, site, links });
  it("is even where nobody links, and sums to one", () => {
    expect(linkPriors([page("a", []), page("b", [])])).toEqual([0.5, 0.5]);
    expect(linkPriors([])).toEqual([]);
    const priors = linkPriors([page("a", ["b", "c"]), page("b", ["c"]), page("c", ["a", "nowhere"])]);
    expect(priors.reduce((sum, p) => sum + p)).toBeCloseTo(1, 9);
    expect(priors[2]).toBeGreaterThan(priors[1]!);
  });
  it("is that of two pages worked by hand", () => {
    // a links to b, b to nobody: b's share goes to all. p(a) = .075 + .425 p(b), p(b) = p(a) + .85 p(a).
    const [a, b] = linkPriors([page("a", ["b"]), page("b", [])]);
    expect(a).toBeCloseTo(1 / 2.85, 6);
    expect(b).toBeCloseTo(1.85 / 2.85, 6);
  });
  it("believes other sites more than a site's own menu", () => {
    const [, own, other] = linkPriors([
      page("x/1", ["x/2", "y/1"], "x"),
      page("x/2", [], "x"),
      page("y/1", [], "y"),
    ]);
    expect(other).toBeGreaterThan(own!);
  });
  it("ignores links to itself, and counts other sites once a page", () => {
    expect(linksFromElsewhere([page("a", ["a", "b", "b"]), page("b", []), page("c", ["b"])])).toEqual([
      0, 2, 0,
    ]);
  });
});

describe("difficulty", () => {
  const page = (prior: number, title: string) => ({
    page: { prior, titleStems: new Set(contentOf(title)) } as never,
    has: 1,
    covered: 1,
    score: 1,
  });
  it("is zero where nothing ranks, and full where ten strong pages do", () => {
    expect(difficultyOf(["bike"], [])).toBe(0);
    expect(difficultyOf(["bike"], Array(10).fill(page(1, "bike")))).toBe(100);
  });
  it("falls with weaker links and with titles that do not have it", () => {
    const all = (prior: number, title: string) => difficultyOf(["bike"], Array(10).fill(page(prior, title)));
    expect([all(0, "bike"), all(1, "lock"), all(0, "lock")]).toEqual([60, 65, 25]);
    // One page only: 1 of the 2.929 that ten places sum to.
    expect(difficultyOf(["bike"], [page(1, "bike")])).toBe(34);
  });
});

describe("the pages of the stand-in web", () => {
  const web = readWeb(join(DEMO, "web"));
  it("are whole pages: a head with its title, one body, the site's frame", () => {
    expect(web.length).toBeGreaterThanOrEqual(20);
    for (const { html, address } of web) {
      expect(address).toMatch(/^https:\/\/[\w-]+\.example\/[\w-]+$/);
      expect(html.match(/<title>[^<]+<\/title>/g)).toHaveLength(1);
      expect(html.indexOf("<title>")).toBeLessThan(html.indexOf("</head>"));
      expect(html.match(/<body>/g)).toHaveLength(1);
    }
  });
  it("rank by what they say, and not at all for what none says", () => {
    const corpus = new Corpus(web);
    const ranked = corpus.rank(contentOf("electric cargo bike for families"), 10);
    expect(ranked[0]!.page.address).toBe("https://familybikeguide.example/electric-cargo-bike-for-families");
    expect(ranked).toHaveLength(10);
    expect(corpus.rank(contentOf("mortgage rates"), 10)).toEqual([]);
    const scores = ranked.map(({ score }) => score);
    expect(scores).toEqual([...scores].sort((a, b) => b - a));
  });
});

describe("the stand-in search", () => {
  it("names its regions and says that it is a stand-in", async () => {
    const { body, status } = await ask("regions", {});
    expect(status).toBe(200);
    expect(body as Answer<"regions">).toMatchObject({
      standIn: true,
      regions: [{ code: "RV" }, { code: "NC" }],
    });
  });
  it("has ideas for a seed: itself, suggested, questions, related", async () => {
    const { ideas } = (await ask("ideas", { seed: "cargo bike lock", region: "RV", most: 500 }))
      .body as Answer<"ideas">;
    const how = (kind: string) =>
      ideas.filter((idea) => idea.how === kind).map(({ numbers }) => numbers.keyword);
    expect(how("seed")).toEqual(["cargo bike lock"]);
    expect(how("suggested")).toContain("best cargo bike lock");
    expect(how("related").length).toBeGreaterThan(2);
    expect(how("question").length).toBeGreaterThan(0);
    for (const { numbers } of ideas.filter((idea) => idea.numbers.searches !== null))
      expect(numbers.months).toHaveLength(12);
  });
  it("has questions from the pages, with where they were asked and no invented numbers", async () => {
    const { ideas } = (await ask("ideas", { seed: "electric cargo bike", region: "RV", most: 2000 }))
      .body as Answer<"ideas">;
    const questions = ideas.filter((idea) => idea.asked?.length);
    expect(questions.some(({ asked: where }) => where![0]!.address.includes("playgroundboard.example"))).toBe(
      true,
    );
    const unknown = questions.filter(({ numbers }) => numbers.searches === null);
    expect(unknown.length).toBeGreaterThan(0);
    expect(unknown[0]!.numbers).toMatchObject({ months: [], difficulty: null, costPerClick: null });
  });
  it("answers honestly with nothing where it knows nothing", async () => {
    const { ideas, note } = (await ask("ideas", { seed: "mortgage rates", region: "RV", most: 10 }))
      .body as Answer<"ideas">;
    expect(ideas).toEqual([]);
    expect(note).toContain("keyword file");
    const { numbers } = (await ask("numbers", { keywords: ["mortgage", "cargo bike"], region: "RV" }))
      .body as Answer<"numbers">;
    expect(numbers.map(({ keyword }) => keyword)).toEqual(["cargo bike"]);
  });
  it("knows other numbers in another region", async () => {
    const numbers = async (region: string) =>
      ((await ask("numbers", { keywords: ["cargo bike"], region })).body as Answer<"numbers">).numbers[0]!;
    const [rv, nc] = [await numbers("RV"), await numbers("NC")];
    expect(rv.searches).toBeGreaterThan(nc.searches!);
    expect(rv.difficulty).toBe(nc.difficulty);
  });
  it("has articles with the keywords that lead to them, the most searched first", async () => {
    const { articles } = (await ask("articles", { subject: "electric cargo bike", region: "RV", most: 5 }))
      .body as Answer<"articles">;
    expect(articles).toHaveLength(5);
    const searches = articles.map((article) => article.searches!);
    expect(searches).toEqual([...searches].sort((a, b) => b - a));
    const { place, numbers } = articles[0]!.keywords[0]!;
    const { pages } = (await ask("ranking", { query: numbers.keyword, region: "RV", most: 10 }))
      .body as Answer<"ranking">;
    expect(pages[place - 1]!.address).toBe(articles[0]!.page.address);
  });
  it.each([
    ["an unknown operation", "prices", {}, 404, "unknown-operation"],
    ["a question with a field too many", "regions", { x: 1 }, 400, "bad-question"],
    ["a question without a seed", "ideas", { region: "RV", most: 5 }, 400, "bad-question"],
    ["too long a seed", "ideas", { seed: "x".repeat(201), region: "RV", most: 5 }, 400, "bad-question"],
    ["an unknown region", "ideas", { seed: "bike", region: "XX", most: 5 }, 400, "unknown-region"],
  ])("refuses %s", async (_what, operation, question, status, code) => {
    const response = await ask(operation, question);
    expect([response.status, (response.body as { error: { code: string } }).error.code]).toEqual([
      status,
      code,
    ]);
  });
  it("is slow and fails where that is asked of it", async () => {
    const failed = await ask("regions", {}, { "X-Stand-In-Error-Rate": "1" });
    expect([failed.status, (failed.body as { error: { code: string } }).error.code]).toEqual([
      503,
      "stand-in-trouble",
    ]);
    const from = performance.now();
    expect((await ask("regions", {}, { "X-Stand-In-Delay": "120" })).status).toBe(200);
    expect(performance.now() - from).toBeGreaterThan(100);
    expect(
      (await ask("regions", {}, { "X-Stand-In-Error-Rate": "x", "X-Stand-In-Delay": "-5" })).status,
    ).toBe(200);
  });
});
