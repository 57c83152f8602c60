/** The heads of the keyword table, which sort it: one column, or with Shift one after another. */

import { ArrowDown, ArrowUp } from "lucide-react";
import type { SortColumn, SortKey } from "../../../core/keywords/sift";
import { hintOf } from "../../ui/glossary";
import { Tooltip } from "../../ui/Tooltip";
import type { GridColumn } from "./columns";

interface Props {
  columns: readonly GridColumn[];
  sort: SortKey[];
  onSort: (sort: SortKey[]) => void;
}

export function KeywordColumns({ columns, sort, onSort }: Props) {
  return columns.map(({ id, name, figures, term }) => {
    const place = sort.findIndex((key) => key.column === id);
    const key = sort[place];
    const Arrow = key?.down ? ArrowDown : ArrowUp;
    return (
      <div
        key={id}
        role="columnheader"
        aria-sort={key ? (key.down ? "descending" : "ascending") : "none"}
        className={`${figures ? "text-right" : ""} ${id === "use" ? "small:hidden" : ""}`}
      >
        <Tooltip says={`${term ? `${hintOf(term)} ` : ""}Sort by this; with Shift, sort by this as well`}>
          <button
            type="button"
            className={`inline-flex items-center gap-0.5 ${key ? "font-semibold" : "text-ink-2"}`}
            onClick={(event) => onSort(sortedBy(sort, id, figures, event.shiftKey))}
          >
            {name}
            {key && <Arrow size={12} aria-hidden="true" />}
            {key && sort.length > 1 && <span className="figures text-[11px]">{place + 1}</span>}
          </button>
        </Tooltip>
      </div>
    );
  });
}

/** @param more the column joins the others, as the last to decide */
export function sortedBy(
  sort: readonly SortKey[],
  column: SortColumn,
  figures: boolean,
  more: boolean,
): SortKey[] {
  const own = sort.find((key) => key.column === column);
  // Figures begin with the largest, lists with what is in one.
  const key = { column, down: own ? !own.down : figures || column === "use" };
  if (!more) return [key];
  return own ? sort.map((one) => (one === own ? key : one)) : [...sort, key];
}
