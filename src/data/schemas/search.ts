/** The search interface: what is asked of a search service and what it answers. The shapes are those of search.schema.json. */
import type { Intent } from "../../core/keywords/keyword";
import * as compiled from "./validators.generated.js";

export interface Region {
  code: string;
  name: string;
  /** Tag of BCP 47. */
  language: string;
}

/** Numbers that are not known are null; months are twelve, oldest first, or none. */
export interface KeywordNumbers {
  keyword: string;
  searches: number | null;
  months: number[];
  difficulty: number | null;
  intent: Intent | "";
  costPerClick: number | null;
}

export interface Idea {
  how: "seed" | "suggested" | "related" | "question";
  numbers: KeywordNumbers;
  /** Addresses of the pages that rank, best first. */
  ranking: string[];
  asked?: { title: string; address: string }[];
}

export interface RankedPage {
  address: string;
  site: string;
  title: string;
  description: string;
  /** Links that lead to it from other sites. */
  linksIn: number;
}

export interface Article {
  page: RankedPage;
  /** Searches a month that lead to it, estimated from its places. */
  searches: number | null;
  keywords: { place: number; numbers: KeywordNumbers }[];
}

/** Each operation with its question and its answer. An operation is asked by POST of its question to `<address>/<operation>`. */
export interface SearchOperations {
  regions: {
    question: Record<string, never>;
    answer: { service: string; standIn: boolean; regions: Region[] };
  };
  ideas: {
    question: { seed: string; region: string; most: number };
    answer: { standIn: boolean; lastMonth: string; ideas: Idea[]; note?: string };
  };
  numbers: {
    question: { keywords: string[]; region: string };
    answer: { standIn: boolean; lastMonth: string; numbers: KeywordNumbers[] };
  };
  ranking: {
    question: { query: string; region: string; most: number };
    answer: { standIn: boolean; pages: RankedPage[] };
  };
  articles: {
    question: { subject: string; region: string; most: number };
    answer: { standIn: boolean; lastMonth: string; articles: Article[] };
  };
}
export type SearchOperation = keyof SearchOperations;

export const SEARCH_OPERATIONS = ["regions", "ideas", "numbers", "ranking", "articles"] as const;
export const isSearchOperation = (name: string): name is SearchOperation =>
  (SEARCH_OPERATIONS as readonly string[]).includes(name);

/** Compiled validators by operation. */
export const searchQuestion = {
  regions: compiled.searchRegionsQuestion,
  ideas: compiled.searchIdeasQuestion,
  numbers: compiled.searchNumbersQuestion,
  ranking: compiled.searchRankingQuestion,
  articles: compiled.searchArticlesQuestion,
};
export const searchAnswer = {
  regions: compiled.searchRegionsAnswer,
  ideas: compiled.searchIdeasAnswer,
  numbers: compiled.searchNumbersAnswer,
  ranking: compiled.searchRankingAnswer,
  articles: compiled.searchArticlesAnswer,
};
