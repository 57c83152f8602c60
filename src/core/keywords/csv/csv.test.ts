import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { RUNS } from "../../testing/runs";
import { decode } from "../../text/decodeText";
import { bareKeyword, type KeywordRow } from "../keyword";
import { rowsOf } from "../table";
import { guessColumns, guessHeader, monthOfHeader, trendOf } from "./columns";
import { guessDecimal, readNumber } from "./numbers";
import { guessPlan } from "./plan";
import { readKeywordCsv } from "./readKeywords";
import { csvRecords, guessSeparator } from "./records";
import { writeKeywordCsv, writeRejectedCsv } from "./writeKeywords";

const read = (text: string) => readKeywordCsv(text, guessPlan(text).plan);
const rows = (text: string) => rowsOf(read(text).table);
const year = "10,20,30,40,50,60,70,80,90,100,110,120";
const YEAR = [10, 20, 30, 40, 50, 60, 70, 80, 90, 100, 110, 120];

describe("the encoding of a file", () => {
  const text = "Stichwort;Suchvolumen\nLastenräder für Kinder;1.900\n";
  const utf16 = (big: boolean, mark: boolean) => {
    const all = (mark ? "\uFEFF" : "") + text;
    const bytes = new Uint8Array(all.length * 2);
    for (let i = 0; i < all.length; i++) new DataView(bytes.buffer).setUint16(2 * i, all.charCodeAt(i), !big);
    return bytes;
  };
  const utf8 = new TextEncoder().encode(text);
  it.each<[string, Uint8Array, string]>([
    ["UTF-8", utf8, "utf-8"],
    ["UTF-8 with a mark", Uint8Array.of(0xef, 0xbb, 0xbf, ...utf8), "utf-8"],
    ["UTF-16 LE with a mark", utf16(false, true), "utf-16le"],
    ["UTF-16 BE with a mark", utf16(true, true), "utf-16be"],
    ["UTF-16 LE without", utf16(false, false), "utf-16le"],
    ["UTF-16 BE without", utf16(true, false), "utf-16be"],
    ["Windows-1252", Uint8Array.from(text, (c) => c.charCodeAt(0)), "windows-1252"],
  ])("%s is known, and the mark is no part of the text", (_what, bytes, encoding) => {
    expect(decode(bytes)).toEqual({ text, encoding });
  });
  it("stays UTF-8 where a few bytes are broken, and only their rows are lost", () => {
    const bytes = new TextEncoder().encode(`Keyword\n${"Lastenräder für Süße\n".repeat(9)}Xahrrad\n`);
    bytes[bytes.length - 8] = 0xff;
    const { text: decoded, encoding } = decode(bytes);
    expect(encoding).toBe("utf-8");
    const { rejected, counts } = read(decoded);
    expect(rejected.map(({ reason }) => reason)).toEqual([
      "Its keyword has characters that could not be decoded.",
    ]);
    expect(counts).toMatchObject({ taken: 1, merged: 8 });
  });
  it("can be said instead", () => {
    expect(decode(Uint8Array.of(0xe4), false, "windows-1252").text).toBe("ä");
  });
  it("is refused for what is no text", () => {
    expect(() => decode(Uint8Array.of(1, 0, 0, 0, 0, 0, 7, 9))).toThrow("not a text file");
  });
});

describe("a number", () => {
  it.each<[string, "." | ",", boolean, number | null | "unreadable"]>([
    ["1900", ".", true, 1900],
    ["1,900", ".", true, 1900],
    ["1.900", ",", true, 1900],
    ["1.900", ".", true, 1900],
    ["1 900", ".", true, 1900],
    ["1\u202F900", ",", true, 1900],
    ["1'900", ".", true, 1900],
    ["1,234,567", ".", true, 1234567],
    ["1.9K", ".", true, 1900],
    ["1,9k", ",", true, 1900],
    ["1,9K", ".", true, 1900],
    ["2M", ".", true, 2_000_000],
    ["10–100", ".", true, 32],
    ["10 - 100", ".", true, 32],
    ["1K – 10K", ".", true, 3162],
    ["0-10", ".", true, 5],
    ["<10", ".", true, 10],
    ["10K+", ".", true, 10_000],
    ["0", ".", true, 0],
    ["0.35", ".", false, 0.35],
    ["0,35 €", ",", false, 0.35],
    ["$1.20", ".", false, 1.2],
    ["USD 1.20", ".", false, 1.2],
    ["1.234,56", ",", false, 1234.56],
    ["45%", ".", false, 45],
    ["", ".", true, null],
    ["-", ".", true, null],
    ["–", ".", true, null],
    ["n/a", ".", true, null],
    ["N/A", ".", true, null],
    ["null", ".", true, null],
    ["high", ".", true, "unreadable"],
    ["1,9,0", ".", false, "unreadable"],
    ["1.2.3", ".", false, "unreadable"],
    ["100–10", ".", true, "unreadable"],
    ["-5", ".", true, "unreadable"],
    ["1e400", ".", true, "unreadable"],
    ["=1+1", ".", true, "unreadable"],
  ])("%j with the decimal mark %j, counted %s, is %j", (cell, decimal, counted, value) => {
    const got = readNumber(cell, decimal, counted);
    if (typeof value === "number") expect(got).toBeCloseTo(value, 9);
    else expect(got).toBe(value);
  });
  it("is never negative, infinite or no number", () => {
    fc.assert(
      fc.property(
        fc.string({ maxLength: 12 }),
        fc.constantFrom("." as const, ","),
        fc.boolean(),
        (cell, mark, counted) => {
          const value = readNumber(cell, mark, counted);
          if (typeof value === "number") expect(Number.isFinite(value) && value >= 0).toBe(true);
        },
      ),
      RUNS,
    );
  });
  it.each<[string[], "." | ","]>([
    [["1,900", "0.35"], "."],
    [["1.900", "0,35"], ","],
    [["1,900.50"], "."],
    [["1.900,50"], ","],
    [["1.234.567"], ","],
    [["1,900"], "."],
    [[], "."],
    [["0.354"], "."],
  ])("in %j has the decimal mark %j", (cells, mark) => {
    expect(guessDecimal(cells)).toBe(mark);
  });
});

describe("a separator", () => {
  it.each([
    ["a,b\n1,2\n", ","],
    ["a;b\n1,5;2,5\n", ";"],
    ["a\tb\nx, y\tz\n", "\t"],
    ["a|b|c\n1|2|3\n", "|"],
    ['keyword;volume\n"bike; cargo";12\n', ";"],
    ["one column\nof keywords\n", ","],
    ["sep=;\na,b\nc,d\n", ";"],
    ['"sep=|"\r\na,b\n', "|"],
  ])("of %j is %j", (text, separator) => {
    expect(guessSeparator(text)).toBe(separator);
  });
});

describe("records", () => {
  const lines = (text: string) =>
    [...csvRecords(text, ",")].map(({ line, cells, fault }) => [line, cells, Boolean(fault)]);
  it.each<[string, string, [number, string[], boolean][]]>([
    [
      "end with or without a line break",
      "a,b\n1,2\n",
      [
        [1, ["a", "b"], false],
        [2, ["1", "2"], false],
      ],
    ],
    [
      "come in every line break",
      "a\r\nb\r\n",
      [
        [1, ["a"], false],
        [2, ["b"], false],
      ],
    ],
    [
      "come in old line breaks too",
      "a\rb\r",
      [
        [1, ["a"], false],
        [2, ["b"], false],
      ],
    ],
    [
      "come in several line breaks at once",
      'a,1\r\nb,"2"\nc,3\rd,4',
      [
        [1, ["a", "1"], false],
        [2, ["b", "2"], false],
        [3, ["c", "3"], false],
        [4, ["d", "4"], false],
      ],
    ],
    [
      "may hold line breaks in quotes",
      'a,"b\nc"\nd,e',
      [
        [1, ["a", "b\nc"], false],
        [3, ["d", "e"], false],
      ],
    ],
    [
      "keep blank lines, with their number",
      "a\n\nb",
      [
        [1, ["a"], false],
        [2, [""], false],
        [3, ["b"], false],
      ],
    ],
    [
      "with a quote that never closes cost one line",
      'a,1\n"b,2\nc,3\nd,4',
      [
        [1, ["a", "1"], false],
        [2, ['"b,2'], true],
        [3, ["c", "3"], false],
        [4, ["d", "4"], false],
      ],
    ],
    [
      "with a quote closed in the middle cost one line",
      'a,1\n"b" x,2\nc,"3"\n',
      [
        [1, ["a", "1"], false],
        [2, ['"b" x,2'], true],
        [3, ["c", "3"], false],
      ],
    ],
    ["of nothing are none", "", []],
  ])("%s", (_what, text, expected) => {
    expect(lines(text)).toEqual(expected);
  });
  it("are the same however long the file is", () => {
    const many = Array.from({ length: 9000 }, (_, i) => `keyword ${i},"line one\nline two ${i}",${i}`).join(
      "\n",
    );
    const records = [...csvRecords(many, ",")];
    expect(records).toHaveLength(9000);
    expect(records[8999]).toEqual({
      line: 17_999,
      cells: ["keyword 8999", "line one\nline two 8999", "8999"],
    });
  });
  it("come to an end where every line has a stray quote", () => {
    const text = Array.from({ length: 500 }, (_, i) => `"open ${i},${i}`).join("\n");
    expect([...csvRecords(text, ",")]).toHaveLength(500);
  });
  it("never throw, and never lose a line", () => {
    const piece = fc.constantFrom('"', ",", "\n", "a", "\r\n", ";", " ", "é");
    fc.assert(
      fc.property(fc.array(piece, { maxLength: 40 }), (pieces) => {
        const text = pieces.join("");
        const records = [...csvRecords(text, ",")];
        // All that is no quote, separator or line break is in some cell.
        const letters = (s: string) => s.replace(/[^aé]/g, "").length;
        expect(records.reduce((sum, { cells }) => sum + letters(cells.join("")), 0)).toBe(letters(text));
        for (const [i, { line }] of records.entries())
          if (i) expect(line).toBeGreaterThan(records[i - 1]!.line);
      }),
      RUNS,
    );
  });
});

describe("columns", () => {
  it.each<[string, (string | null)[]]>([
    [
      "Keyword,Search Volume,KD,CPC,Intent,Trend",
      ["keyword", "searches", "difficulty", "costPerClick", "intent", "trend"],
    ],
    [
      "Query,Avg. monthly searches,Competition (indexed value),Top of page bid (low range)",
      ["keyword", "searches", "difficulty", "costPerClick"],
    ],
    [
      "Suchbegriff,Suchvolumen,Schwierigkeit,CPC (EUR)",
      ["keyword", "searches", "difficulty", "costPerClick"],
    ],
    ["Mot-clé,Volume,Difficulté,CPC", ["keyword", "searches", "difficulty", "costPerClick"]],
    ["Palabra clave,Volumen,Dificultad,CPC", ["keyword", "searches", "difficulty", "costPerClick"]],
    ["#,Keyword,URL,Position,Volume", ["ignore", "keyword", "ignore", "ignore", "searches"]],
    ["Search term,Jan 2026,Feb 2026,2026-03,04/2026", ["keyword", "month", "month", "month", "month"]],
    ["keyword,keyword,volume,volume", ["keyword", "ignore", "searches", "ignore"]],
  ])("of %j are %j", (header, roles) => {
    const width = roles.length;
    const cells = (i: number) =>
      roles.map((role, c) =>
        role === "keyword" ? `bike ${i}` : role === "trend" ? year : String(c * 10 + i),
      );
    const records = [header.split(","), cells(1), cells(2)].map((row, i) => ({ cells: row, line: i + 1 }));
    expect(guessColumns(records, guessHeader(records))).toEqual(roles.slice(0, width));
  });
  it.each([
    ["Jan 2026", "2026-01"],
    ["January 2026", "2026-01"],
    ["2026-01", "2026-01"],
    ["2026/01", "2026-01"],
    ["01/2026", "2026-01"],
    ["01.01.2026", "2026-01"],
    ["2026-01-01", "2026-01"],
    ["Searches: Jan 2026", "2026-01"],
    ["Jan 26", "2026-01"],
    ["März 2026", "2026-03"],
    ["Sept 2025", "2025-09"],
    ["2025 Dec", "2025-12"],
  ])("named %j are the month %j", (header, month) => {
    expect(monthOfHeader(header)?.month).toBe(month);
  });
  it.each(["Keyword", "Volume 2026", "KD", "13/2026", "", "2026"])("named %j are no month", (header) => {
    expect(monthOfHeader(header)).toBeNull();
  });
  it.each<[string, number[] | null]>([
    [year, YEAR],
    [`[${year}]`, YEAR],
    [YEAR.join("; "), YEAR],
    [YEAR.join(" | "), YEAR],
    [YEAR.join(" "), YEAR],
    ["0.5,1,0.25", [0.5, 1, 0.25]],
    ["+20%", null],
    ["up", null],
    ["12", null],
    ["", null],
    ["1,,2", null],
  ])("with the cell %j hold the trend %j", (cell, trend) => {
    expect(trendOf(cell)).toEqual(trend);
  });
});

describe("a keyword file", () => {
  const bike = { text: "cargo bike", searches: 1900, difficulty: 45, costPerClick: 0.82 };
  it.each<[string, string]>([
    ["with a header", `Keyword,Volume,KD,CPC\ncargo bike,"1,900",45,0.82\n`],
    [
      "by semicolons with decimal commas",
      `Suchbegriff;Suchvolumen;Schwierigkeit;CPC\ncargo bike;1.900;45;0,82\n`,
    ],
    ["by tabs, with a mark", `Keyword\tVolume\tKD\tCPC\r\ncargo bike\t1900\t45\t0.82\r\n`],
    ["with a title above", `Report of May\n\nKeyword,Volume,KD,CPC\ncargo bike,1900,45,0.82\n`],
    ["with difficulty from 0 to 1", `Keyword,Volume,Difficulty,CPC\ncargo bike,1900,0.45,0.82\n`],
    ["with thousands as K", `Keyword,Volume,KD,CPC\ncargo bike,1.9K,45,$0.82\n`],
  ])("%s is read", (_what, text) => {
    expect(rows(text)[0]).toMatchObject(bike);
  });
  it("without a header is read by what its cells are", () => {
    expect(rows("cargo bike,1900\nbox bike,300\n")).toMatchObject([
      { text: "cargo bike", searches: 1900 },
      { text: "box bike", searches: 300 },
    ]);
    expect(rows("cargo bike\nbox bike\n").map(({ text, searches }) => [text, searches])).toEqual([
      ["cargo bike", null],
      ["box bike", null],
    ]);
  });
  it("has its year in one cell or in twelve columns, whatever their order", () => {
    expect(rows(`Keyword,Trend\nbike,"${year}"\n`)[0]).toMatchObject({ months: YEAR });
    const names = Array.from({ length: 12 }, (_, i) => `2026-${String(i + 1).padStart(2, "0")}`);
    const forward = rows(`Keyword,${names.join()}\nbike,${year}\n`)[0]!;
    const backward = rows(`Keyword,${names.toReversed().join()}\nbike,${YEAR.toReversed().join()}\n`)[0]!;
    expect(forward).toMatchObject({ months: YEAR, lastMonth: "2026-12" });
    expect(backward).toMatchObject({ months: YEAR, lastMonth: "2026-12" });
  });
  it("takes the last twelve of more months, and none where one is missing", () => {
    const names = Array.from(
      { length: 14 },
      (_, i) => `${i < 2 ? 2024 : 2025}-${String(((i + 10) % 12) + 1).padStart(2, "0")}`,
    );
    const text = (cells: string) => `Keyword,${names.join()}\nbike,${cells}\n`;
    expect(rows(text(Array.from({ length: 14 }, (_, i) => i).join()))[0]!.months[0]).toBe(2);
    expect(rows(text(Array.from({ length: 14 }, (_, i) => (i === 5 ? "" : i)).join()))[0]!.months).toEqual(
      [],
    );
  });
  it("scales a trend of shares to the searches, and leaves it out where those are unknown", () => {
    const shares = "0.5,1,0.5,1,0.5,1,0.5,1,0.5,1,0.5,1";
    const [whole, unknown] = rows(`Keyword,Volume,Trend\na b,75,"${shares}"\nc d,,"${shares}"\n`);
    expect(whole!.months).toEqual([50, 100, 50, 100, 50, 100, 50, 100, 50, 100, 50, 100]);
    expect(unknown!.months).toEqual([]);
  });
  it("merges rows of one keyword: the first stays, later ones fill what it lacks", () => {
    const { table, counts } = read("Keyword,Volume,KD\nCargo bike,10,\ncargo-bike,99,40\nbox bike,5,5\n");
    expect(rowsOf(table)).toMatchObject([
      { text: "Cargo bike", searches: 10, difficulty: 40 },
      { text: "box bike" },
    ]);
    expect(counts).toMatchObject({ read: 4, taken: 2, merged: 1, above: 1 });
  });
  it("says of every row what became of it", () => {
    const { counts, rejected, unread } = read(
      `Report,,\nKeyword,Volume,KD\nbike,10,5\n,20,5\n\ncargo bike,1,900,45,7\n"open,1,2\nbox bike,many,120\n${"x".repeat(201)},1,1\n   ,,\nbike,10,5\n`,
    );
    expect(rejected.map(({ line, reason }) => [line, reason.split(":")[0]!.split(".")[0]])).toEqual([
      [4, "Its keyword is empty"],
      [6, "It has 5 cells where the file has 3 columns"],
      [7, "Its quotes are broken"],
      [9, "Its keyword has 201 characters; the most is 200"],
    ]);
    expect(unread.map(({ line, cell }) => [line, cell])).toEqual([
      [8, "many"],
      [8, "120"],
    ]);
    expect(counts).toEqual({ read: 11, taken: 2, merged: 1, rejected: 4, blank: 2, above: 2 });
  });
  it("rejects all its rows where no column is the keyword's", () => {
    const { counts } = readKeywordCsv("1,2\n3,4\n", {
      separator: ",",
      header: null,
      columns: ["searches", "ignore"],
      decimal: ".",
    });
    expect(counts).toMatchObject({ read: 2, rejected: 2, taken: 0 });
  });
  it("accounts for every row, whatever is in it", () => {
    const cell = fc.oneof(
      fc.constantFrom("", "bike", "1,900", '"', '"a', "10–100", "=x", "\t"),
      fc.string({ maxLength: 5 }),
    );
    fc.assert(
      fc.property(fc.array(fc.array(cell, { minLength: 1, maxLength: 4 }), { maxLength: 12 }), (cells) => {
        const text = `Keyword,Volume,KD\n${cells.map((row) => row.join()).join("\n")}`;
        const { counts, rejected, table } = read(text);
        const { taken, merged, blank, above } = counts;
        expect(taken + merged + blank + above + rejected.length).toBe(counts.read);
        expect(table.text).toHaveLength(taken);
      }),
      RUNS,
    );
  });
});

describe("exports of several shapes", () => {
  const months = Array.from(
    { length: 12 },
    (_, i) =>
      `Searches: ${["Nov", "Dec", "Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct"][i]} ${i < 2 ? 2025 : 2026}`,
  );
  it.each<[string, string, Partial<KeywordRow>]>([
    [
      "a planner's, with a report title, ranges, words and bids",
      `Keyword stats 2026-11-01\nAll of October\nKeyword\tCurrency\tAvg. monthly searches\tThree month change\tCompetition\tCompetition (indexed value)\tTop of page bid (low range)\t${months.join("\t")}\ncargo bike\tEUR\t1900\t0%\tLow\t45\t0.35\t${YEAR.join("\t")}\n`,
      {
        text: "cargo bike",
        searches: 1900,
        difficulty: 45,
        costPerClick: 0.35,
        months: YEAR,
        lastMonth: "2026-10",
      },
    ],
    [
      "a suite's, with several intents and a trend of shares",
      `Keyword,Intent,Volume,Trend,Keyword Difficulty,CPC (USD),Features\ncargo bike,"Commercial, Informational",120,"0.5,1,0.5,1,0.5,1,0.5,1,0.5,1,0.5,1",45.00,0.35,"Images, Video"\n`,
      {
        text: "cargo bike",
        searches: 120,
        difficulty: 45,
        intent: "commercial",
        months: [80, 160, 80, 160, 80, 160, 80, 160, 80, 160, 80, 160],
      },
    ],
    [
      "an explorer's, with numbered rows and a parent",
      `#,Keyword,Country,Difficulty,Volume,CPC,Parent Keyword,Global volume\n1,cargo bike,xx,45,"1,900",0.35,bike,"12,000"\n`,
      { text: "cargo bike", searches: 1900, difficulty: 45, costPerClick: 0.35 },
    ],
    [
      "a console's, with no searches at all",
      "Top queries,Clicks,Impressions,CTR,Position\ncargo bike,12,340,3.5%,8.2\n",
      { text: "cargo bike", searches: null, difficulty: null },
    ],
    [
      "a spreadsheet's, with its separator said",
      'sep=;\r\n"Suchbegriff";"Suchvolumen"\r\n"cargo bike";"1.900"\r\n',
      { text: "cargo bike", searches: 1900 },
    ],
    [
      "one in brackets and quotes, with blank columns",
      '[Keyword],,Volume,,\n"[cargo bike]",,1900,,\n',
      { text: "cargo bike", searches: 1900 },
    ],
  ])("%s", (_what, text, expected) => {
    const { table, counts } = read(text);
    expect(rowsOf(table)[0]).toMatchObject(expected);
    expect(counts.taken).toBe(1);
  });
});

describe("an export", () => {
  const row: KeywordRow = {
    ...bareKeyword("cargo bike"),
    searches: 10,
    difficulty: 5,
    intent: "local",
    months: YEAR,
    lastMonth: "2026-10",
  };
  it("makes safe what a spreadsheet would run, and reads it back as it was", () => {
    const texts = ["=1+1", "+cargo", "-bike", "@box", "a,b", 'c "d"', "e\u2019s"];
    const csv = writeKeywordCsv(texts.map((text) => ({ ...row, text })));
    for (const line of csv.split("\r\n").slice(1)) expect(line).not.toMatch(/(?:^|,)"?[=+\-@\t\r]/);
    expect(rows(csv).map(({ text }) => text)).toEqual(texts);
  });
  it("comes back with its numbers, and with the label of a stand-in", () => {
    const out = [row, { ...row, text: "b", searches: null, months: [], standIn: true, costPerClick: 1.5 }];
    const back = rows(writeKeywordCsv(out));
    expect(back).toMatchObject([
      { searches: 10, difficulty: 5, intent: "local", months: YEAR, lastMonth: "2026-10", standIn: false },
      { searches: null, months: [], costPerClick: 1.5, standIn: true },
    ]);
  });
  it("lists rejected rows with line and reason", () => {
    expect(writeRejectedCsv([{ line: 7, reason: "Why", cells: ["=x", "2"] }])).toBe(
      'Line,Reason,Cell 1,Cell 2\r\n7,Why,"\'=x",2',
    );
  });
});
