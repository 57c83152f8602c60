/** One look-up: every seed asked of the search service, and the answers put into one table. */

import { identity } from "../core/keywords/list";
import {
  type KeywordTable,
  numbersOf,
  rowsOf,
  type SourcedKeyword,
  TableBuilder,
} from "../core/keywords/table";
import { messageOf } from "../core/messageOf";
import type { SearchConnection } from "../data/model";
import type { Article, Idea } from "../data/schemas/search";
import { type SearchClient, SearchFailure } from "../services/search/searchClient";

const MOST_IDEAS = 2000;
const MOST_ARTICLES = 20;

export interface LookUpQuestion {
  connection: SearchConnection;
  region: string;
  seeds: string[];
}

export interface LookUpAnswer {
  table: KeywordTable;
  articles: Article[];
  standIn: boolean;
  /** What the service said where it had nothing. */
  notes: string[];
  /** Seeds that could not be looked up, with why. */
  failed: { seed: string; why: string; code: string }[];
}

/** An idea of the service as a row. */
export function sourcedKeyword(
  { numbers: { keyword, ...numbers }, how, ranking, asked: places }: Idea,
  seed: string,
  { lastMonth, standIn }: { lastMonth: string; standIn: boolean },
): SourcedKeyword {
  return {
    ...numbers,
    text: keyword,
    lastMonth,
    standIn,
    from: [{ source: seed, how }],
    ranking,
    ...(places && { asked: places }),
  };
}

/** A table with rows added behind its own; rows of a keyword that it has only fill what it does not know. */
export function joinTables(
  earlier: KeywordTable | null,
  rows: readonly SourcedKeyword[],
): { table: KeywordTable; places: Uint32Array } {
  const builder = new TableBuilder();
  const byText = new Map<string, number>();
  const put = (row: SourcedKeyword): number => {
    const key = identity(row.text);
    const at = byText.get(key) ?? builder.add(row.text);
    byText.set(key, at);
    builder.fill(at, numbersOf(row));
    builder.addSources(at, row);
    return at;
  };
  if (earlier) rowsOf(earlier).forEach(put);
  const places = Uint32Array.from(rows, put);
  return { table: builder.finish(), places };
}

/**
 * @param search who is asked
 * @param earlier what the look-up holds already; another seed adds to it
 * @param onProgress called with the seeds done
 * @throws SearchFailure where no seed could be looked up; what was there before stays with the caller
 */
export async function runLookUp(
  search: SearchClient,
  { connection, region, seeds }: LookUpQuestion,
  earlier: { table: KeywordTable; articles: Article[] } | null,
  onProgress: (done: number, of: number) => void,
  signal: AbortSignal,
): Promise<LookUpAnswer> {
  const rows: SourcedKeyword[] = [];
  const articles = new Map(earlier?.articles.map((article) => [article.page.address, article]));
  const answer: Omit<LookUpAnswer, "table" | "articles"> = { standIn: false, notes: [], failed: [] };
  let failure: unknown;
  for (const [done, seed] of seeds.entries()) {
    onProgress(done, seeds.length);
    try {
      const reply = await search.ask(connection, "ideas", { seed, region, most: MOST_IDEAS }, signal);
      const about = await search.ask(
        connection,
        "articles",
        { subject: seed, region, most: MOST_ARTICLES },
        signal,
      );
      answer.standIn ||= reply.standIn || about.standIn;
      if (reply.note) answer.notes.push(reply.note);
      for (const idea of reply.ideas) rows.push(sourcedKeyword(idea, seed, reply));
      for (const article of about.articles) articles.set(article.page.address, article);
    } catch (error) {
      if (error instanceof SearchFailure && error.code === "cancelled") throw error;
      failure = error;
      answer.failed.push({
        seed,
        why: messageOf(error),
        code: error instanceof SearchFailure ? error.code : "failed",
      });
    }
  }
  if (answer.failed.length === seeds.length && failure) throw failure;
  return {
    ...answer,
    table: joinTables(earlier?.table ?? null, rows).table,
    articles: [...articles.values()].sort((a, b) => (b.searches ?? 0) - (a.searches ?? 0)),
  };
}
