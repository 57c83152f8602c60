import { describe, expect, it } from "vitest";
import { bareKeyword, type KeywordRow } from "../core/keywords/keyword";
import { noFilter } from "../core/keywords/sift";
import { tableOf } from "../core/keywords/table";
import { KeywordBoard } from "./keywordBoard";
import { joinTables } from "./lookUpJob";

const row = (text: string, searches: number | null, difficulty: number | null): KeywordRow => ({
  ...bareKeyword(text),
  searches,
  difficulty,
});
const boardOf = () =>
  new KeywordBoard(
    tableOf([
      row("cargo bike", 1000, 50),
      row("how to park a cargo bike", 50, 10),
      row("cargo bikes lock", null, null),
      row("rain cover", 200, 20),
    ]),
    "en",
  );
const texts = (board: KeywordBoard) => board.rows(0, 10).map(({ text }) => text);

describe("the board", () => {
  it("shows the rows that pass, in order, with their places", () => {
    const board = boardOf();
    const view = board.sift({ ...noFilter, contains: "cargo" }, [{ column: "searches", down: true }]);
    expect(view).toMatchObject({ total: 4, shown: 3, hidden: 0 });
    expect(texts(board)).toEqual(["cargo bike", "how to park a cargo bike", "cargo bikes lock"]);
    expect([...board.places(1, 3)]).toEqual([1, 2]);
  });
  it("knows who has a keyword by what it says, and leaves out what is used or hidden", () => {
    const board = boardOf();
    board.setUses([
      { text: "covers for rain", use: { listId: "a", target: false } },
      { text: "Rain cover", use: { listId: "a", target: true } },
    ]);
    expect(board.rowAt(3).uses).toEqual([{ listId: "a", target: true }]);
    board.sift({ ...noFilter, unused: true }, []);
    expect(texts(board)).not.toContain("rain cover");
    board.setHidden(["bike for cargo"]);
    expect(board.sift(noFilter, []).hidden).toBe(1);
    expect(texts(board)).not.toContain("cargo bike");
    board.setHidden([]);
    expect(board.sift(noFilter, []).shown).toBe(4);
  });
  it("chooses by both numbers, and draws no more than asked", () => {
    const board = boardOf();
    expect([...board.within([40, 300], [0, 25])]).toEqual([1, 3]);
    const { points, plotted } = board.map(2);
    expect([points.length, plotted]).toEqual([2, 3]);
    // Each part of the map has its turn before any has its second.
    const crowded = new KeywordBoard(
      tableOf([...Array.from({ length: 50 }, (_, i) => row(`near ${i}`, 90_000 + i, 1)), row("far", 20, 95)]),
      "en",
    );
    expect(crowded.map(2).points.map(({ text }) => text)).toContain("far");
  });
  it("sums what is chosen and counts what is unknown", () => {
    expect(boardOf().sum(Uint32Array.of(0, 2, 3))).toEqual({ searches: 1200, unknown: 1 });
  });
  it("tells of one keyword its questions and what decided its intent", () => {
    const board = boardOf();
    const [first, second] = [0, 1].map((place) => board.rowAt(place).text);
    expect(board.detail(first!)).toMatchObject({
      questions: ["how to park a cargo bike"],
      decidedBy: [],
      season: "no monthly numbers",
    });
    expect(board.detail(second!)?.decidedBy).toEqual(["how"]);
    expect(board.detail(` ${second!.toUpperCase()}`)?.text).toBe(second);
    expect(board.detail("nobody asks this")).toBeNull();
  });
  it("exports what is shown or what is chosen, with lists and notes", () => {
    const board = boardOf();
    board.setUses([{ text: "rain cover", use: { listId: "a", target: false } }]);
    board.sift({ ...noFilter, contains: "rain" }, []);
    const csv = board.csv(null, new Map([["a", "Winter"]]), new Map([["rain cover", "good"]]));
    expect(csv.split("\r\n")[1]).toMatch(/^rain cover,200,20,,,\d+,Winter,good,/);
    expect(board.csv(Uint32Array.of(0), new Map(), new Map()).split("\r\n")).toHaveLength(2);
  });
  it("groups what is shown, and says which groups have something in a list", () => {
    const board = boardOf();
    board.setUses([{ text: "rain cover", use: { listId: "a", target: false } }]);
    board.sift(noFilter, []);
    const groups = board.groupsAt(0, board.groups());
    expect(groups.flatMap(({ members }) => members).sort()).toEqual([0, 1, 2, 3]);
    expect(groups.find(({ head }) => head === "rain cover")!.hasPost).toBe(true);
  });
});

describe("joining what was found", () => {
  const keyword = (text: string, source: string, searches: number | null) => ({
    ...row(text, searches, null),
    from: [{ source, how: "suggested" as const }],
    ranking: [],
  });
  it("keeps every row's source, leaves places as they were and fills what was unknown", () => {
    const first = joinTables(null, [keyword("bike", "a", null), keyword("bell", "a", 5)]);
    const { table, places } = joinTables(first.table, [keyword("horn", "b", 1), keyword("Bike", "b", 9)]);
    expect([...places]).toEqual([2, 0]);
    expect(table.text).toEqual(["bike", "bell", "horn"]);
    expect(table.searches[0]).toBe(9);
    expect(table.found[0]!.from.map(({ source }) => source)).toEqual(["a", "b"]);
    expect(table.found[1]!.from).toHaveLength(1);
  });
});
