import type { SortColumn } from "../../../core/keywords/sift";
import type { TermId } from "../../ui/glossary";

/** The columns of the keyword table. Narrow tables leave out what can be looked up in the detail. */
export interface GridColumn {
  id: SortColumn;
  name: string;
  figures: boolean;
  narrow: boolean;
  /** The word of ours that its head is. */
  term?: TermId;
}
export const COLUMNS: GridColumn[] = [
  { id: "text", name: "Keyword", figures: false, narrow: true },
  { id: "searches", name: "Searches", figures: true, narrow: true },
  { id: "difficulty", name: "Difficulty", figures: true, narrow: true },
  { id: "intent", name: "Intent", figures: false, narrow: false, term: "intent" },
  { id: "costPerClick", name: "Per click", figures: true, narrow: false },
  { id: "opportunity", name: "Opportunity", figures: true, narrow: true, term: "opportunity" },
  { id: "use", name: "In lists", figures: false, narrow: true },
];

export const WIDE_GRID =
  "grid grid-cols-[22px_minmax(0,1fr)_132px_78px_104px_66px_104px_120px] items-center gap-x-3 px-3";
export const NARROW_GRID =
  "grid grid-cols-[22px_minmax(0,1fr)_64px_74px_92px_90px] items-center gap-x-3 px-3 small:grid-cols-[22px_minmax(0,1fr)_56px_56px_78px] small:gap-x-2 small:px-2";
