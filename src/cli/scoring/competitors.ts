/** Competing pages from a folder of saved pages: analysed once for each keyword and language that the scored files ask about. */
import { readdirSync, readFileSync } from "node:fs";
import { join, resolve } from "node:path";
import {
  analyseCompetitors,
  type CompetitorAnalysis,
  type RankedCompetitor,
} from "../../core/benchmark/competitors";
import { readPage } from "../../core/competitors/page";
import type { Profile } from "../../core/proof/profile";
import { decodeText } from "../../core/text/decodeText";

export interface SavedCompetitors {
  /** Why a page of the folder was not read. */
  failed: { file: string; message: string }[];
  /** The competing pages for a file that is scored; the file itself is none of them. Null where nobody says for which keyword. */
  competitorsFor(file: string, keyword: string, language: string): CompetitorAnalysis | null;
}

/** Keywords whose competing pages are held analysed: of many files in order, those of one keyword stand together as a rule. */
const MOST_HELD = 16;
const SAVED_PAGE = /\.x?html?$/i;

/**
 * Reads the saved pages of a folder. They rank in the order of their names, numbers in them by value.
 *
 * @throws Error where the folder cannot be read or holds no saved page
 */
export function readSavedCompetitors(folder: string, profile: Profile): SavedCompetitors {
  const names = readdirSync(folder)
    .filter((name) => SAVED_PAGE.test(name))
    .sort(new Intl.Collator("en", { numeric: true }).compare);
  if (!names.length) throw new Error("it holds no .html file");
  const failed: SavedCompetitors["failed"] = [];
  const pages = names.flatMap((name, rank): (RankedCompetitor & { file: string })[] => {
    const file = join(folder, name);
    try {
      const page = readPage(decodeText(readFileSync(file), true), name);
      // Where it says its address, its links can be told apart and its site has a name.
      const address = URL.canParse(page.canonical) ? page.canonical : name;
      const site = page.site || (URL.canParse(address) ? new URL(address).host : "");
      return [{ file: resolve(file), rank, page: { ...page, address, site } }];
    } catch (error) {
      failed.push({ file, message: (error as Error).message });
      return [];
    }
  });
  const analyses = new Map<string, CompetitorAnalysis>();
  return {
    failed,
    competitorsFor(file, keyword, language) {
      if (!keyword) return null;
      const others = pages.filter((page) => page.file !== resolve(file));
      const key = JSON.stringify([keyword, language, others.length === pages.length ? "" : resolve(file)]);
      const competitors = analyses.get(key) ?? analyseCompetitors(others, { keyword, language, profile });
      if (!analyses.has(key) && analyses.size >= MOST_HELD) analyses.clear();
      analyses.set(key, competitors);
      return competitors;
    },
  };
}
