/** Keyword research off the main thread: what is asked, what is kept, and what a service that fails leaves. */
import { beforeEach, describe, expect, it } from "vitest";
import { noFilter } from "../core/keywords/sift";
import { tableOf } from "../core/keywords/table";
import { db } from "../data/db";
import { getLookUp, getLookUpBody, listLookUps, saveLookUp } from "../data/lookUps";
import type { LookUp } from "../data/model";
import type { Article, Idea, KeywordNumbers } from "../data/schemas/search";
import { type SearchClient, SearchFailure } from "../services/search/searchClient";
import type { BoardQuestion } from "./boards";
import { createKeywordsApi } from "./keywordsApi";

const NOW = "2026-11-28T10:00:00.000Z";
const STAND_IN = { kind: "stand-in", address: "", delay: 0, errorRate: 0 } as const;

const numbers = (keyword: string, searches: number | null = 100): KeywordNumbers => ({
  keyword,
  searches,
  months: [],
  difficulty: searches === null ? null : 20,
  intent: "",
  costPerClick: null,
});
const idea = (keyword: string, searches: number | null = 100): Idea => ({
  how: "related",
  numbers: numbers(keyword, searches),
  ranking: [],
});
const article = (name: string, searches: number | null): Article => ({
  page: { address: `https://${name}.example/`, site: name, title: name, description: "", linksIn: 0 },
  searches,
  keywords: [],
});
const lookUp = (id: string, more: Partial<LookUp> = {}): LookUp => ({
  id,
  kind: "search",
  seeds: [id],
  region: "uk",
  regionName: "River counties",
  language: "en",
  source: "Search",
  standIn: false,
  count: 0,
  madeAt: NOW,
  openedAt: NOW,
  ...more,
});
const keep = (of: LookUp, keywords: [string, number | null][], articles: Article[] = []) =>
  saveLookUp(of, {
    table: tableOf(
      keywords.map(([text, searches]) => ({
        text,
        searches,
        months: [],
        difficulty: null,
        intent: "" as const,
        costPerClick: null,
        standIn: false,
        from: [],
        ranking: [],
      })),
    ),
    articles,
  });

type Answers = (operation: string, question: Record<string, unknown>, signal?: AbortSignal) => unknown;
function setUp(answers: Answers = () => ({})) {
  const questions: [string, Record<string, unknown>][] = [];
  const search = {
    ask: async (
      _connection: unknown,
      operation: string,
      question: Record<string, unknown>,
      signal?: AbortSignal,
    ) => {
      questions.push([operation, question]);
      return answers(operation, question, signal);
    },
  } as unknown as SearchClient;
  return { api: createKeywordsApi(search), questions };
}
const ideasOf: Answers = (operation, { seed, subject }) =>
  operation === "ideas"
    ? { standIn: true, lastMonth: "2026-10", ideas: [idea(`${String(seed)} one`), idea("bike bell", 40)] }
    : { standIn: true, articles: [article(String(subject).replace(/ /g, "-"), 10)] };
const textsOf = async (id: string) => (await getLookUpBody(id))?.table.text;

beforeEach(async () => {
  await Promise.all(db.tables.map((table) => table.clear()));
});

describe("looking up", () => {
  const question = { connection: STAND_IN, region: "uk", seeds: ["cargo bike", "trailer"] };
  const made = () => lookUp("l", { seeds: question.seeds });

  it("asks for each seed, keeps each keyword once, and says how far it is", async () => {
    const { api } = setUp(ideasOf);
    const progress: number[] = [];
    const outcome = await api.lookUp(question, made(), (done) => progress.push(done));
    expect(outcome).toMatchObject({ ok: { lookUp: { count: 3, standIn: true }, failed: [] } });
    expect(await textsOf("l")).toEqual(["cargo bike one", "bike bell", "trailer one"]);
    expect((await getLookUpBody("l"))!.articles).toHaveLength(2);
    expect(progress).toEqual([0, 1]);
  });

  it("adds another seed to what is there", async () => {
    const { api } = setUp(ideasOf);
    await keep(lookUp("l"), [
      ["lock", 10],
      ["bike bell", null],
    ]);
    await api.lookUp({ ...question, seeds: ["trailer"] }, made(), () => {});
    const { table } = (await getLookUpBody("l"))!;
    expect([table.text, table.searches[1]]).toEqual([["lock", "bike bell", "trailer one"], 40]);
  });

  it("keeps what one seed gave where another failed, and says which", async () => {
    const { api } = setUp((operation, asked, signal) => {
      if (asked.seed === "trailer") throw new SearchFailure("no-answer", "It gave no answer.");
      return ideasOf(operation, asked, signal);
    });
    const outcome = await api.lookUp(question, made(), () => {});
    expect(outcome).toMatchObject({
      ok: {
        lookUp: { seeds: ["cargo bike"], count: 2 },
        failed: [{ seed: "trailer", why: "It gave no answer.", code: "no-answer" }],
      },
    });
  });

  it("keeps nothing where every seed failed, or nothing came", async () => {
    const { api } = setUp(() => {
      throw new SearchFailure("not-reached", "Nothing is there.");
    });
    expect(await api.lookUp(question, made(), () => {})).toEqual({
      failed: { code: "not-reached", message: "Nothing is there." },
    });
    const empty = setUp((operation) =>
      operation === "ideas"
        ? { standIn: false, lastMonth: "", ideas: [], note: "Its log is about bikes." }
        : { standIn: false, articles: [] },
    );
    expect(await empty.api.lookUp(question, made(), () => {})).toMatchObject({
      ok: { lookUp: { count: 0 }, notes: ["Its log is about bikes.", "Its log is about bikes."] },
    });
    expect(await listLookUps()).toEqual([]);
  });

  it("is cancelled by its id, and leaves what was there", async () => {
    await keep(lookUp("l"), [["lock", 10]]);
    const { api } = setUp(
      (_operation, _question, signal) =>
        new Promise((_resolve, reject) => {
          signal!.addEventListener("abort", () => reject(new SearchFailure("cancelled", "Cancelled.")));
          queueMicrotask(() => api.cancelLookUp("l"));
        }),
    );
    expect(await api.lookUp(question, made(), () => {})).toEqual({
      failed: { code: "cancelled", message: "Cancelled." },
    });
    expect(await textsOf("l")).toEqual(["lock"]);
  });
});

describe("numbers of keywords that somebody typed", () => {
  it("come from the look-ups that are kept, then from the service; the rest stays unknown", async () => {
    await keep(lookUp("l"), [
      ["cargo bike", 900],
      ["lock", null],
    ]);
    await keep(lookUp("elsewhere", { region: "us" }), [["bell", 5]]);
    const { api, questions } = setUp((operation) =>
      operation === "numbers"
        ? { standIn: true, lastMonth: "2026-10", numbers: [numbers("bell", 70)] }
        : { regions: [] },
    );
    const { keywords, failed } = await api.numbersFor(
      ["Cargo Bike", "bell", "how to fit a lock"],
      STAND_IN,
      "uk",
      "en",
    );
    expect(keywords.map(({ text, searches, standIn }) => [text, searches, standIn])).toEqual([
      ["Cargo Bike", 900, false],
      ["bell", 70, true],
      ["how to fit a lock", null, false],
    ]);
    expect(keywords[2]!.intent).toBe("informational");
    expect(questions).toEqual([["numbers", { keywords: ["bell", "how to fit a lock"], region: "uk" }]]);
    expect(failed).toBeNull();
  });

  it("are those of the look-ups alone where the service fails, which is said", async () => {
    await keep(lookUp("l"), [["cargo bike", 900]]);
    const { api } = setUp(() => {
      throw new SearchFailure("no-answer", "It gave no answer.");
    });
    const { keywords, failed } = await api.numbersFor(["cargo bike", "bell"], STAND_IN, "uk", "en");
    expect(keywords.map(({ searches }) => searches)).toEqual([900, null]);
    expect(failed).toEqual({ code: "no-answer", message: "It gave no answer." });
  });

  it("ask for five hundred at a time, and for none without a region", async () => {
    const many = Array.from({ length: 1200 }, (_, i) => `keyword ${i}`);
    const { api, questions } = setUp(() => ({ standIn: false, lastMonth: "", numbers: [] }));
    await api.numbersFor(many, STAND_IN, "uk", "en");
    expect(questions.map(([, { keywords }]) => (keywords as string[]).length)).toEqual([500, 500, 200]);
    questions.length = 0;
    await api.numbersFor(many, STAND_IN, "", "en");
    expect(questions).toEqual([]);
  });
});

describe("look-ups that are kept", () => {
  it("take an article's keywords behind their own, and give their places", async () => {
    await keep(lookUp("l"), [
      ["lock", 10],
      ["bell", null],
    ]);
    const { api } = setUp();
    const places = await api.adopt("l", [numbers("rain cover"), numbers("Bell", 30)], "An article");
    expect([...places]).toEqual([2, 1]);
    const { table } = (await getLookUpBody("l"))!;
    expect([table.text, table.searches[1], table.found[2]!.from]).toEqual([
      ["lock", "bell", "rain cover"],
      30,
      [{ source: "An article", how: "article" }],
    ]);
    expect((await getLookUp("l"))!.count).toBe(3);
    await expect(api.adopt("gone", [], "x")).rejects.toThrow("no longer in the workspace");
  });

  it("are merged into one, and told as they were", async () => {
    await keep(lookUp("a"), [["lock", 10]], [article("one", 5)]);
    await keep(
      lookUp("b", { standIn: true, source: "File" }),
      [
        ["Lock", 99],
        ["bell", 20],
      ],
      [article("one", 5), article("two", 9)],
    );
    const { api } = setUp();
    const { before, count } = await api.mergeLookUps("a", "b", NOW);
    expect([count, before.map(({ lookUp: { id } }) => id)]).toEqual([2, ["a", "b"]]);
    expect(await getLookUp("a")).toMatchObject({
      seeds: ["a", "b"],
      source: "Search, File",
      standIn: true,
      count: 2,
    });
    const { table, articles } = (await getLookUpBody("a"))!;
    expect([table.text, [...table.searches], articles.length]).toEqual([["lock", "bell"], [10, 20], 2]);
    expect(await getLookUp("b")).toBeUndefined();
    await expect(api.mergeLookUps("a", "a", NOW)).rejects.toThrow("no longer in the workspace");
  });

  it("are opened, sifted and read by place; one that is gone is said to be", async () => {
    await keep(lookUp("l"), [
      ["lock", 10],
      ["cargo bike", 900],
      ["bell", 50],
    ]);
    const { api } = setUp();
    const question = (more: Partial<BoardQuestion> = {}): BoardQuestion => ({
      source: { kind: "lookUp", id: "l" },
      version: "1",
      hidden: ["bell"],
      filter: noFilter,
      sort: [{ column: "searches", down: true }],
      ...more,
    });
    const later = "2026-11-28T12:00:00.000Z";
    expect(await api.open(question(), later)).toEqual({ count: 3, articles: [] });
    expect((await getLookUp("l"))!.openedAt).toBe(later);
    expect(await api.sift(question())).toMatchObject({ total: 3, shown: 2, hidden: 1 });
    expect((await api.rows(question(), 0, 10)).map(({ text }) => text)).toEqual(["cargo bike", "lock"]);
    const places = await api.places(question());
    expect([...places]).toEqual([1, 0]);
    const chosen = await api.chosen(question(), Uint32Array.from([1, 99]), "uk");
    expect(chosen).toMatchObject([{ text: "cargo bike", searches: 900, region: "uk", note: "" }]);
    expect(await api.tray(question(), places, "en", "")).toMatchObject({ searches: 910, overlaps: [] });
    expect(await api.csv(question(), null)).toMatch(/cargo bike.*\r\n.*lock/);
    const gone = question({ source: { kind: "lookUp", id: "gone" } });
    expect(await api.open(gone, later)).toBeNull();
    await expect(api.rows(gone, 0, 1)).rejects.toThrow("These keywords are no longer in the workspace.");
  });
});
