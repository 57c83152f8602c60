/** A large keyword file, read, normalised, classified and grouped, against a bare parse of the same text; and overlap. */
import Papa from "papaparse";
import { guessPlan } from "../src/core/keywords/csv/plan";
import { readKeywordCsv } from "../src/core/keywords/csv/readKeywords";
import { groupKeywords } from "../src/core/keywords/groups";
import { OverlapIndex } from "../src/core/keywords/overlap";
import { KeywordReader } from "../src/core/keywords/reader";
import { readTable } from "../src/core/keywords/sift";
import { stemKey } from "../src/core/keywords/stemKey";
import { at, ms } from "./figures";
import { keywordFile } from "./keywordFile";

const ROWS = 100_000;
const RUNS = 5;

/** @returns how many times as long as a bare parse it takes to read, classify and group a file */
export function benchKeywords(): number {
  const text = keywordFile(ROWS);
  const bare: number[] = [];
  const whole: number[] = [];
  const parts = { read: [] as number[], layOut: [] as number[], group: [] as number[] };
  let groups = 0;
  for (let run = 0; run < RUNS; run++) {
    let from = performance.now();
    Papa.parse(text);
    bare.push(performance.now() - from);
    const start = performance.now();
    from = start;
    const { plan } = guessPlan(text);
    const read = readKeywordCsv(text, plan);
    parts.read.push(performance.now() - from);
    from = performance.now();
    const table = readTable(read.table, new KeywordReader("en"));
    parts.layOut.push(performance.now() - from);
    from = performance.now();
    groups = groupKeywords(table).count;
    parts.group.push(performance.now() - from);
    whole.push(performance.now() - start);
  }
  console.log(
    `A keyword file of ${ROWS.toLocaleString("en")} rows, ${(text.length / 1e6).toFixed(1)} MB, ${RUNS} runs, ${groups.toLocaleString("en")} groups`,
  );
  console.log(`bare Papa Parse  median ${ms(at(bare, 0.5))}`);
  console.log(
    `read, classified, grouped  median ${ms(at(whole, 0.5))}   (read ${ms(at(parts.read, 0.5))}, classified ${ms(at(parts.layOut, 0.5))}, grouped ${ms(at(parts.group, 0.5))})`,
  );
  const ratio = at(whole, 0.5) / at(bare, 0.5);
  console.log(`ratio            median ${ratio.toFixed(2)}   (aim: 2.5 or less)`);

  const texts = text
    .split("\n")
    .slice(1, 50_001)
    .map((line) => line.split(",")[0]!);
  const lists = Array.from({ length: 1000 }, (_, l) => ({
    id: String(l),
    target: "",
    keywords: texts
      .slice(l * 50, l * 50 + 50)
      .map((keyword) => ({ text: keyword, key: stemKey(keyword, "en") })),
  }));
  let from = performance.now();
  const index = new OverlapIndex(lists);
  const built = performance.now() - from;
  const times = lists.slice(0, 200).map((list) => {
    from = performance.now();
    index.with(list);
    return performance.now() - from;
  });
  console.log(
    `overlap of one list with 1,000 of 50: median ${ms(at(times, 0.5))}, slowest of 200 ${ms(at(times, 1))}   (aim: under 50 ms; index of all made in ${ms(built)})`,
  );
  return ratio;
}
