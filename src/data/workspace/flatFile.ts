import type { KeywordRow } from "../../core/keywords/keyword";
import { tableOf } from "../../core/keywords/table";
import type { LookUp, LookUpBody } from "../model";

/** Keywords of a workspace from before there were look-ups, as a look-up of their own; null where there are none. */
export function flatFile(
  rows: readonly KeywordRow[],
  when: string,
): { lookUp: LookUp; body: LookUpBody } | null {
  if (!rows.length) return null;
  const lookUp: LookUp = {
    id: "keywords-of-the-site",
    kind: "file",
    seeds: ["Keywords of the site"],
    region: "",
    regionName: "",
    language: "en",
    source: "Keywords of the site",
    standIn: rows.some(({ standIn }) => standIn),
    count: rows.length,
    madeAt: when,
    openedAt: when,
  };
  return { lookUp, body: { lookUpId: lookUp.id, table: tableOf(rows), articles: [] } };
}
