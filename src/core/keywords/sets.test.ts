/** Many keywords together: tables, sifting, groups, lists, overlap. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { RUNS } from "../testing/runs";
import { groupKeywords } from "./groups";
import { bareKeyword, type KeywordRow } from "./keyword";
import { followPost, type KeywordList, type ListKeyword } from "./list";
import { merged, split, withKeywords, withoutKeywords, withTarget } from "./listChanges";
import { type KeyedList, OverlapIndex } from "./overlap";
import { KeywordReader } from "./reader";
import { BINS, binOf, type Filter, noFilter, readTable, type SortKey, sift } from "./sift";
import { stemKey } from "./stemKey";
import { rowsOf, type SourcedKeyword, type Sources, tableOf } from "./table";

type Row = Partial<KeywordRow & Sources> & { text: string };
const tableFrom = (rows: Row[]) =>
  readTable(tableOf(rows.map((row) => ({ ...bareKeyword(row.text), ...row }))), new KeywordReader("en"));

const someRow = fc.record({
  text: fc.stringMatching(/^(?:how to )?[abc]{1,2}( [abc]{1,2}){0,3}$/),
  searches: fc.option(fc.nat(200_000)),
  difficulty: fc.option(fc.integer({ min: 0, max: 100 })),
  costPerClick: fc.option(fc.double({ min: 0, max: 9, noNaN: true })),
  ranking: fc.subarray(["p1", "p2", "p3", "p4", "p5", "p6"]),
});

describe("a table of keywords", () => {
  it("gives its rows back as they went in", () => {
    const months = fc.array(fc.nat(1000), { minLength: 12, maxLength: 12 });
    const full = fc.record({
      text: fc.string({ minLength: 1, maxLength: 12 }),
      searches: fc.option(fc.nat()),
      months: fc.oneof(fc.constant([]), months),
      difficulty: fc.option(fc.nat(100)),
      intent: fc.constantFrom("", "local", "commercial"),
      costPerClick: fc.option(fc.double({ min: 0, max: 99, noNaN: true, noDefaultInfinity: true })),
    });
    fc.assert(
      fc.property(fc.array(full, { maxLength: 2100, size: "medium" }), (rows) => {
        const keywords = rows.map((row): SourcedKeyword => {
          const measured = row.searches !== null || row.difficulty !== null || row.costPerClick !== null;
          return {
            ...row,
            intent: row.intent as KeywordRow["intent"],
            months: [...row.months],
            standIn: measured || row.intent !== "" || row.months.length > 0,
            from: [{ source: "s", how: "seed" }],
            ranking: ["https://a.example/"],
          };
        });
        expect(rowsOf(tableOf(keywords))).toEqual(keywords);
      }),
      { ...RUNS, numRuns: Math.min(RUNS.numRuns, 200) },
    );
  });
});

describe("sifting", () => {
  const table = tableFrom([
    { text: "cargo bike", searches: 5000, difficulty: 60 },
    { text: "how to park a cargo bike", searches: 90, difficulty: 10 },
    { text: "buy cargo bike", searches: 700, difficulty: 35 },
    { text: "folding lock", searches: null, difficulty: null },
    { text: "Café bike", searches: 90, difficulty: 5, intent: "local" },
  ]);
  const texts = (filter: Partial<Filter>, sort: SortKey[] = [], left: number[] = [], used: number[] = []) =>
    [...sift(table, { ...noFilter, ...filter }, sort, new Set(left), new Set(used)).order].map(
      (i) => table.text[i],
    );
  it.each<[string, Partial<Filter>, string[]]>([
    ["everything", {}, table.text],
    [
      "a range of searches",
      { ranges: { searches: [binOf("searches", 500), BINS.searches.length - 1] } },
      ["cargo bike", "buy cargo bike"],
    ],
    ["a range up to a number", { ranges: { difficulty: [0, 0] } }, ["Café bike"]],
    ["the whole range, unknown numbers too", { ranges: { difficulty: [0, 9] } }, table.text],
    ["words in it, folded", { contains: "CAFE" }, ["Café bike"]],
    ["several words in any order", { contains: "bike buy" }, ["buy cargo bike"]],
    ["none of these words", { without: "cargo café" }, ["folding lock"]],
    [
      "an intent that its words give away, or its source",
      { intents: ["transactional", "local"] },
      ["buy cargo bike", "Café bike"],
    ],
    ["an unknown intent", { intents: [""] }, ["cargo bike", "folding lock"]],
    ["questions", { questions: true }, ["how to park a cargo bike"]],
    ["a number of words", { ranges: { words: [1, 1] } }, ["cargo bike", "folding lock", "Café bike"]],
  ])("lets through %s", (_what, filter, expected) => {
    expect(texts(filter)).toEqual(expected);
  });
  it("leaves out what is hidden, and what is used where that is asked", () => {
    expect(texts({}, [], [0, 1])).toEqual(["buy cargo bike", "folding lock", "Café bike"]);
    expect(texts({ unused: true }, [], [], [2])).not.toContain("buy cargo bike");
  });
  it("sorts by several columns, unknown last whichever way", () => {
    expect(
      texts({}, [
        { column: "searches", down: false },
        { column: "difficulty", down: false },
      ]),
    ).toEqual(["Café bike", "how to park a cargo bike", "buy cargo bike", "cargo bike", "folding lock"]);
    expect(texts({}, [{ column: "searches", down: true }]).at(-1)).toBe("folding lock");
    expect(texts({}, [{ column: "text", down: false }])[0]).toBe("buy cargo bike");
    expect(texts({}, [{ column: "use", down: true }], [], [2])[0]).toBe("buy cargo bike");
    expect(texts({}, [{ column: "intent", down: false }]).slice(0, 2)).toEqual([
      "how to park a cargo bike",
      "Café bike",
    ]);
  });
  it("counts in each histogram what the other filters let through", () => {
    const { histograms } = sift(
      table,
      { ...noFilter, ranges: { searches: [0, binOf("searches", 90)] } },
      [],
      new Set(),
      new Set(),
    );
    expect(histograms.searches.reduce((a, b) => a + b)).toBe(4);
    expect(histograms.difficulty.reduce((a, b) => a + b)).toBe(2);
  });
  it("is a sorted part of the rows, whatever they are", () => {
    const column = fc.constantFrom<SortKey["column"]>(
      "searches",
      "difficulty",
      "costPerClick",
      "words",
      "opportunity",
    );
    fc.assert(
      fc.property(fc.array(someRow, { maxLength: 30 }), column, fc.boolean(), (rows, by, down) => {
        const table = tableFrom(rows);
        const { order } = sift(table, noFilter, [{ column: by, down }], new Set(), new Set());
        expect([...order].sort((a, b) => a - b)).toEqual(rows.map((_, i) => i));
        const values = [...order].map((i) => (table[by as "searches"] as ArrayLike<number>)[i]!);
        const numbers = values.filter((v) => !Number.isNaN(v));
        expect(values.slice(0, numbers.length)).toEqual(numbers);
        expect(numbers).toEqual([...numbers].sort((a, b) => (down ? b - a : a - b)));
      }),
      RUNS,
    );
  });
});

describe("groups", () => {
  const grouped = (rows: Row[]) => {
    const table = tableFrom(rows);
    const groups = groupKeywords(table);
    return Array.from({ length: groups.count }, (_, i) => groups.at(i)).map(
      ({ head, members, searches, by }) => ({
        head: table.text[head],
        members: members.map((m) => table.text[m]),
        searches,
        by,
      }),
    );
  };
  const pages = (...numbers: number[]) => numbers.map((n) => `https://p${n}.example/`);
  it("join what the same pages answer, under the most searched", () => {
    expect(
      grouped([
        { text: "winter tyres", searches: 10, ranking: pages(1, 2, 3, 4) },
        { text: "snow wheels", searches: 90, ranking: pages(2, 3, 4, 9) },
        { text: "bell", searches: 50, ranking: pages(7, 8, 9) },
      ]),
    ).toEqual([
      { head: "snow wheels", members: ["snow wheels", "winter tyres"], searches: 100, by: "pages" },
      { head: "bell", members: ["bell"], searches: 50, by: "alone" },
    ]);
  });
  it("join by their words where the pages are not known", () => {
    const others = ["rain cover", "child seat", "folding lock", "dog box", "brake pads"].map((text) => ({
      text,
      searches: 1,
    }));
    const groups = grouped([
      { text: "insurance for cargo bikes", searches: 40 },
      { text: "cargo bike insurance", searches: 100 },
      { text: "cargo bike", searches: 900 },
      { text: "cargo bike hire", searches: 200 },
      ...others,
    ]);
    expect(groups.find(({ head }) => head === "cargo bike insurance")).toMatchObject({
      members: ["cargo bike insurance", "insurance for cargo bikes"],
      by: "stems",
      searches: 140,
    });
    expect(groups.find(({ head }) => head === "cargo bike hire")!.members).toHaveLength(1);
  });
  it("of a file of one's own are made by the word that some share and not most", () => {
    const own = [
      ["snake plant watering", 900],
      ["how often to water a snake plant", 700],
      ["snake plant water needs in winter", 90],
      ["snake plant light", 500],
      ["how much light does a snake plant need", 300],
      ["repotting a snake plant", 200],
      ["when to repot snake plant", 150],
      ["snake plant yellow leaves", 100],
      ["snake plant", 5000],
      ["snake plant toxic to cats", 80],
    ] as const;
    const groups = grouped(own.map(([text, searches]) => ({ text, searches })));
    expect(groups.map(({ members, by }) => [members.length, by])).toEqual([
      [1, "alone"],
      [3, "word"],
      [2, "word"],
      // "When to repot" says the same but for its small words.
      [2, "stems"],
      [1, "alone"],
      [1, "alone"],
    ]);
    expect(groups[1]!.members).toEqual(own.slice(0, 3).map(([text]) => text));
  });
  it("are kept apart by pages that differ, unless they say the very same", () => {
    const apart = grouped([
      { text: "cargo bike lock insurance", searches: 9, ranking: pages(1, 2, 3) },
      { text: "insurance cargo bike lock review", searches: 8, ranking: pages(4, 5, 6) },
      { text: "cargo bike locks insurances", searches: 7, ranking: pages(7, 8, 9) },
    ]);
    expect(apart.map(({ members }) => members.length)).toEqual([2, 1]);
  });
  it("put unknown searches last and count them as none", () => {
    expect(grouped([{ text: "a b" }, { text: "b a", searches: 5 }])).toMatchObject([
      { head: "b a", searches: 5 },
    ]);
  });
  it("hold every keyword once, with the most searched as head", () => {
    fc.assert(
      fc.property(fc.array(someRow, { maxLength: 40 }), (rows) => {
        const table = tableFrom(rows);
        const groups = groupKeywords(table);
        const all: number[] = [];
        let before = Number.POSITIVE_INFINITY;
        for (let i = 0; i < groups.count; i++) {
          const { head, members, searches } = groups.at(i);
          all.push(...members);
          expect(members[0]).toBe(head);
          const numbers = members.map((m) => rows[m]!.searches).filter((n) => n !== null);
          expect(searches).toBe(numbers.reduce((sum, n) => sum + n, 0));
          if (numbers.length) expect(rows[head]!.searches).toBe(Math.max(...numbers));
          expect(searches).toBeLessThanOrEqual(before);
          before = searches;
        }
        expect(all.sort((a, b) => a - b)).toEqual(rows.map((_, i) => i));
      }),
      RUNS,
    );
  });
  it("group what says the same, wherever the pages leave it open", () => {
    const words = fc.shuffledSubarray(["cargo", "bike", "lock", "rain", "cover"], { minLength: 2 });
    fc.assert(
      fc.property(
        words,
        fc.array(fc.stringMatching(/^[x-z]{3} [x-z]{3}$/), { maxLength: 8 }),
        (chosen, others) => {
          const rows = [chosen.join(" "), ...others, chosen.toReversed().join(" the ")].map((text) => ({
            text,
            searches: 5,
          }));
          const group = grouped(rows).find(({ members }) => members.includes(rows[0]!.text))!;
          expect(group.members).toContain(rows.at(-1)!.text);
        },
      ),
      RUNS,
    );
  });
});

const keyword = (text: string, more: Partial<ListKeyword> = {}): ListKeyword => ({
  ...bareKeyword(text),
  region: "",
  note: "",
  ...more,
});
const list = (texts: string[], target = ""): KeywordList => ({
  id: "l",
  name: "",
  postId: null,
  language: "en",
  target,
  keywords: texts.map((text) => keyword(text)),
  createdAt: "",
  updatedAt: "",
});
const said = ({ target, keywords }: KeywordList) => [target, ...keywords.map(({ text }) => text)];

describe("a list", () => {
  it("takes a keyword once, however it is written, and fills what it lacks", () => {
    const next = withKeywords(list(["Cargo bike"]), [
      keyword("cargo-bike", { searches: 5, region: "RV", note: "good" }),
      keyword("lock"),
      keyword("  "),
    ]);
    expect(said(next)).toEqual(["", "Cargo bike", "lock"]);
    expect(next.keywords[0]).toMatchObject({ searches: 5, region: "RV", note: "good" });
  });
  it("keeps its own numbers and its own target", () => {
    const own = { ...list(["a"], "a"), keywords: [keyword("a", { searches: 1, region: "RV" })] };
    expect(withKeywords(own, [keyword("a", { searches: 9, region: "NC" })]).keywords[0]).toMatchObject({
      searches: 1,
      region: "RV",
    });
    expect(said(merged(own, list(["b", "c"], "b")))).toEqual(["a", "a", "b", "c"]);
    expect(merged(list(["x"]), list(["b"], "b")).target).toBe("b");
  });
  it("loses its target with the keyword, and changes nothing for one it has not", () => {
    expect(said(withoutKeywords(list(["a", "b"], "a"), ["A"]))).toEqual(["", "b"]);
    expect(said(withTarget(list(["a", "b"], "a"), "B"))).toEqual(["b", "b", "a"]);
    expect(said(withTarget(list(["a"], "a"), "z"))).toEqual(["a", "a"]);
  });
  it("is parted without losing anything", () => {
    const { stays, leaves } = split(list(["a", "b", "c"], "b"), ["b", "c"]);
    expect([said(stays), leaves.map(({ text }) => text)]).toEqual([
      ["", "a"],
      ["b", "c"],
    ]);
  });
  it("says what its post says, and keeps numbers and notes", () => {
    const own = { ...list([]), keywords: [keyword("a", { searches: 7, note: "n" }), keyword("gone")] };
    const next = followPost(own, "b", ["A", "b", ""]);
    expect(said(next)).toEqual(["b", "b", "A"]);
    expect(next.keywords[1]).toMatchObject({ text: "A", searches: 7, note: "n" });
  });
});

describe("overlap", () => {
  const keyed = (id: string, texts: string[], target = ""): KeyedList => ({
    id,
    target: target && stemKey(target, "en"),
    keywords: texts.map((text) => ({ text, key: stemKey(text, "en") })),
  });
  const index = new OverlapIndex([
    keyed("a", ["cargo bike", "bike lock", "rain cover", "child seat"], "cargo bike"),
    keyed("b", ["cargo bikes", "covers for rain"], "cargo bikes"),
    keyed("c", ["folding lock"]),
  ]);
  it("is the share of this list's keywords that the other says too, with the pairs", () => {
    expect(
      index.with(keyed("a", ["cargo bike", "bike lock", "rain cover", "child seat"], "cargo bike")),
    ).toEqual([
      {
        id: "b",
        percent: 50,
        sameTarget: true,
        pairs: [
          { here: "cargo bike", there: "cargo bikes" },
          { here: "rain cover", there: "covers for rain" },
        ],
      },
    ]);
  });
  it("sees the same target where nothing else is shared, and nothing where nothing is", () => {
    expect(index.with(keyed("x", ["bell"], "cargo bike"))).toMatchObject([
      { id: "a", percent: 0, sameTarget: true },
      { id: "b", percent: 0, sameTarget: true },
    ]);
    expect(index.with(keyed("x", ["bell"]))).toEqual([]);
    expect(index.with(keyed("x", []))).toEqual([]);
  });
  it("follows lists that change and go", () => {
    const own = new OverlapIndex([keyed("a", ["bell"]), keyed("b", ["bell"])]);
    own.put(keyed("b", ["horn"]));
    expect(own.with(keyed("a", ["bell"]))).toEqual([]);
    own.put(keyed("b", ["bell", "horn"]));
    expect(own.with(keyed("c", ["bells"])).map(({ id }) => id)).toEqual(["a", "b"]);
    own.remove("b");
    expect(own.with(keyed("a", ["bell"]))).toEqual([]);
  });
  it("shares as many keywords one way as the other, and all with itself", () => {
    const texts = fc.uniqueArray(fc.constantFrom("lock", "bell", "horn", "rain cover", "seat"), {
      minLength: 1,
    });
    fc.assert(
      fc.property(texts, texts, (one, two) => {
        const both = new OverlapIndex([keyed("a", one), keyed("b", two), keyed("copy", one)]);
        const there = both.with(keyed("a", one)).find(({ id }) => id === "b");
        const back = both.with(keyed("b", two)).find(({ id }) => id === "a");
        expect(there?.pairs.length).toBe(back?.pairs.length);
        expect(both.with(keyed("a", one)).find(({ id }) => id === "copy")!.percent).toBe(100);
      }),
      RUNS,
    );
  });
});
