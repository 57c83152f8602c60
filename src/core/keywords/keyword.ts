/** A keyword and what is known of it. Unknown numbers are null and stay so. */
export interface KeywordRow {
  text: string;
  /** Searches a month. */
  searches: number | null;
  /** Searches in each of the last twelve months, oldest first; empty where unknown. */
  months: number[];
  /** The last of the months as "YYYY-MM", where known. */
  lastMonth?: string;
  /** 0 (easy) to 100. */
  difficulty: number | null;
  intent: Intent | "";
  /** In the currency of its source. */
  costPerClick: number | null;
  /** The numbers come from a stand-in service. */
  standIn: boolean;
}

export const INTENTS = ["informational", "commercial", "transactional", "navigational", "local"] as const;
export type Intent = (typeof INTENTS)[number];

/** How a keyword came into a look-up. */
export const ORIGINS = ["seed", "suggested", "related", "question", "file", "article"] as const;
export type Origin = (typeof ORIGINS)[number];

/** A keyword whose numbers nobody knows. */
export const bareKeyword = (text: string): KeywordRow => ({
  text,
  searches: null,
  months: [],
  difficulty: null,
  intent: "",
  costPerClick: null,
  standIn: false,
});

/**
 * Fills what a keyword's row does not know from another row of the same keyword; what it knows stays.
 *
 * @returns the first row itself where the second adds nothing
 */
export function fillUnknown<Row extends KeywordRow>(row: Row, more: KeywordRow): Row {
  const filled = { ...row };
  let changed = false;
  for (const field of ["searches", "difficulty", "costPerClick"] as const) {
    if (filled[field] === null && more[field] !== null) {
      filled[field] = more[field];
      changed = true;
    }
  }
  if (!filled.intent && more.intent) {
    filled.intent = more.intent;
    changed = true;
  }
  if (!filled.months.length && more.months.length) {
    filled.months = more.months;
    if (more.lastMonth) filled.lastMonth = more.lastMonth;
    changed = true;
  }
  if (changed) filled.standIn = row.standIn || more.standIn;
  return changed ? filled : row;
}
