/** A keyword file on its way in: guessed, corrected, read with every row accounted for, and kept. */
import { beforeEach, describe, expect, it } from "vitest";
import { db } from "../data/db";
import { getLookUpBody } from "../data/lookUps";
import type { LookUp } from "../data/model";
import { createTableFileApi } from "./tableFileApi";

const bytes = (text: string) => new TextEncoder().encode(text);
const FILE = [
  "Suchbegriff;Suchvolumen;Schwierigkeit",
  "Lastenrad kaufen;1.900;45",
  "Lastenrad Familie;320;22",
  "lastenrad kaufen;1.900;45",
  ";50;10",
  "Lastenrad gebraucht;viele;39",
].join("\r\n");
const lookUp: LookUp = {
  id: "f",
  kind: "file",
  seeds: ["keywords.csv"],
  region: "",
  regionName: "",
  language: "de",
  source: "keywords.csv",
  standIn: false,
  count: 0,
  madeAt: "2026-11-28T10:00:00.000Z",
  openedAt: "2026-11-28T10:00:00.000Z",
};

beforeEach(async () => {
  await Promise.all(db.tables.map((table) => table.clear()));
});

describe("a keyword file", () => {
  it("is looked at before it is read: separator, header and columns", async () => {
    const preview = await createTableFileApi().take(bytes(FILE));
    expect(preview.plan).toMatchObject({
      separator: ";",
      header: 0,
      columns: ["keyword", "searches", "difficulty"],
    });
    // Seven words are too few to tell their language.
    expect([preview.workbook, preview.language, preview.encoding]).toEqual([false, null, "utf-8"]);
    expect(preview.head[1]!.cells).toEqual(["Lastenrad kaufen", "1.900", "45"]);
  });

  it("has its language guessed from its keywords, not from its header", async () => {
    const questions = [
      "was kostet ein Lastenrad",
      "wie schwer ist ein Lastenrad",
      "ist das Lastenrad für die Stadt",
    ];
    const { language } = await createTableFileApi().take(
      bytes(
        ["Keyword,Volume", ...questions.flatMap((one) => [`${one},10`, `${one} im Winter,5`])].join("\n"),
      ),
    );
    expect(language).toBe("de");
  });

  it("is guessed again by what a person has decided", async () => {
    const api = createTableFileApi();
    const { plan } = await api.take(bytes(FILE));
    expect(api.guess({ ...plan, separator: "," }).plan.separator).toBe(",");
    expect(api.guess({ ...plan, header: null }).plan.header).toBeNull();
  });

  it("is read with every row accounted for, and kept as a look-up", async () => {
    const api = createTableFileApi();
    const { plan } = await api.take(bytes(FILE));
    const read = api.read(plan, () => {});
    expect(read).not.toHaveProperty("table");
    expect(read.rejected).toHaveLength(1);
    expect(read.unread).toHaveLength(1);
    expect(api.lines()).toBe(6);
    expect(api.rejectedCsv()).toContain("50");
    const kept = await api.keep(lookUp);
    expect([kept.count, kept.standIn]).toEqual([3, false]);
    const { table } = (await getLookUpBody("f"))!;
    expect(table.text).toEqual(["Lastenrad kaufen", "Lastenrad Familie", "Lastenrad gebraucht"]);
    expect([...table.searches]).toEqual([1900, 320, Number.NaN]);
  });

  it("is not kept before it is read, nor what was read of the one before", async () => {
    const api = createTableFileApi();
    await expect(api.keep(lookUp)).rejects.toThrow("Nothing has been read yet.");
    const { plan } = await api.take(bytes(FILE));
    api.read(plan, () => {});
    await api.take(bytes("Keyword\nbell"));
    await expect(api.keep(lookUp)).rejects.toThrow("Nothing has been read yet.");
  });
});
