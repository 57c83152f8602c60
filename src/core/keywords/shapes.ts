/** Keywords as they are kept: in lists, and as they were found in a look-up. */
import * as is from "../declare";
import { INTENTS, ORIGINS } from "./names";

const keyword = {
  text: is.someText(1000),
  /** Searches a month. */
  searches: is.numberOrNull({ minimum: 0 }),
  /** Searches in each of the last twelve months, oldest first; empty where unknown. */
  months: is.list(is.number({ minimum: 0 }), 12),
  /** The last of the months as "YYYY-MM", where known. */
  lastMonth: is.optional(is.textLike("^(\\d{4}-\\d{2})?$")),
  /** 0 (easy) to 100. */
  difficulty: is.numberOrNull({ minimum: 0, maximum: 100 }),
  intent: is.oneOf([...INTENTS, ""]),
  /** In the currency of its source. */
  costPerClick: is.numberOrNull({ minimum: 0 }),
  /** The numbers come from a stand-in service. */
  standIn: is.flag(),
};
export const keywordShape = is.shape(keyword);
/** A keyword and what is known of it. Unknown numbers are null and stay so. */
export type KeywordRow = is.Static<typeof keywordShape>;

export const listKeywordShape = is.shape({
  ...keyword,
  /** Code of the region that the numbers are of; empty where unknown. */
  region: is.text(100),
  note: is.text(),
});
export type ListKeyword = is.Static<typeof listKeywordShape>;

export const keywordListShape = is.shape({
  id: is.id(),
  name: is.text(),
  /** The post that uses it, or null. */
  postId: is.textOrNull(100),
  language: is.text(),
  /** Text of the target keyword; empty where none is chosen. */
  target: is.text(),
  /** The target is among them. */
  keywords: is.list(listKeywordShape),
  createdAt: is.text(),
  updatedAt: is.text(),
});
export type KeywordList = is.Static<typeof keywordListShape>;

/** Where somebody asked a question. */
export const askedShape = is.shape({ title: is.text(), address: is.text() });

const sources = {
  /** What it was found by, each once. */
  from: is.list(is.shape({ source: is.text(), how: is.oneOf(ORIGINS) })),
  /** Addresses of the pages that rank, best first; empty where unknown. */
  ranking: is.list(is.text()),
  /** Where it was asked, for questions. */
  asked: is.optional(is.list(askedShape)),
};
const sourcesShape = is.shape(sources);
export type Sources = is.Static<typeof sourcesShape>;
export const sourcedKeywordShape = is.shape({ ...keyword, ...sources });
export type SourcedKeyword = is.Static<typeof sourcedKeywordShape>;
