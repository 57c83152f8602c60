import type { KeywordRow } from "./shapes";

export * from "./names";
export type { KeywordRow } from "./shapes";

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
