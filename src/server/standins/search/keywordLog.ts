/** The log of queries that the stand-in search knows: demo/keyword-log.csv, made by demo/buildKeywordLog.ts. */
import { readFileSync } from "node:fs";
import Papa from "papaparse";
import { INTENTS, type Intent } from "../../../core/keywords/keyword";

export interface LoggedQuery {
  query: string;
  intent: Intent | "";
  costPerClick: number;
  /** Searches in each of twelve months, oldest first. */
  months: number[];
}

export interface KeywordLog {
  lastMonth: string;
  /** Queries by region code. */
  regions: Map<string, LoggedQuery[]>;
}

/**
 * Columns: region, query, intent, cost per click, then twelve months whose headers are "YYYY-MM".
 *
 * @throws Error where the file has another shape
 */
export function readKeywordLog(file: string): KeywordLog {
  const [header, ...rows] = Papa.parse(readFileSync(file, "utf8").trim()).data;
  const lastMonth = header?.at(-1) ?? "";
  if (!/^\d{4}-\d{2}$/.test(lastMonth)) throw new Error(`${file} is not a keyword log.`);
  const regions = new Map<string, LoggedQuery[]>();
  for (const [region, query, intent, cost, ...months] of rows) {
    const logged: LoggedQuery = {
      query: query!,
      intent: INTENTS.find((one) => one === intent) ?? "",
      costPerClick: Number(cost),
      months: months.map(Number),
    };
    const queries = regions.get(region!);
    if (queries) queries.push(logged);
    else regions.set(region!, [logged]);
  }
  return { lastMonth, regions };
}
