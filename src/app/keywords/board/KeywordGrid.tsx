/**
 * The keyword table: only the rows in sight are drawn, and chosen by keys as by clicks. Arrows move, Space chooses,
 * Shift stretches the choice, Ctrl+A chooses all that is shown, Enter opens the detail.
 */

import type { ReactNode } from "react";
import type { SortKey } from "../../../core/keywords/sift";
import type { BoardQuestion } from "../../../workers/boards";
import type { BoardRow } from "../../../workers/keywordBoard";
import { useMatches } from "../../ui/useMatches";
import { COLUMNS, NARROW_GRID, WIDE_GRID } from "./columns";
import { KeywordCells } from "./KeywordCells";
import { KeywordColumns } from "./KeywordColumns";
import { ROW_HEIGHT, useKeywordGrid } from "./useKeywordGrid";
import type { Selection } from "./useSelection";

interface Props {
  question: BoardQuestion;
  label: string;
  shown: number;
  revision: number;
  sort: SortKey[];
  onSort: (sort: SortKey[]) => void;
  selection: Selection;
  narrow: boolean;
  onOpen: (text: string) => void;
  /** Closes what is open beside the table; says whether anything was. */
  onEscape: () => boolean;
  /** What the Delete key does with the chosen rows. */
  onDelete: () => void;
  /** Text of the keyword that is the target, where the table is a list. */
  target?: string;
  /** A list that goes without saying. */
  ownList: string;
  /** Wraps a row, so that it can be dragged. */
  wrapRow?: (row: BoardRow, children: ReactNode) => ReactNode;
  empty: ReactNode;
  /** Takes the focus when it comes on screen. */
  autoFocus?: boolean;
}

export function KeywordGrid(props: Props) {
  const { label, shown, sort, onSort, selection, onOpen, target, wrapRow, empty, ownList } = props;
  const { grid, active, rowAt, virtual, onKey, press } = useKeywordGrid(props);
  const wideWindow = useMatches("(min-width: 1100px)");
  const narrow = props.narrow || !wideWindow;
  const layout = narrow ? NARROW_GRID : WIDE_GRID;
  const columns = COLUMNS.filter((column) => !narrow || column.narrow);
  const width = columns.length + 1;

  return (
    <div
      ref={grid}
      role="grid"
      tabIndex={0}
      aria-label={`${label}. Arrows move, Space chooses, Enter opens the detail.`}
      aria-activedescendant={shown ? `row-${active}` : undefined}
      onKeyDown={onKey}
      aria-rowcount={shown + 1}
      aria-colcount={width}
      aria-multiselectable="true"
      className="group min-h-48 min-w-0 flex-1 overflow-y-auto border border-rule bg-sheet"
    >
      <div role="rowgroup" className="sticky top-0 z-10 bg-sheet">
        <div role="row" aria-rowindex={1} className={`${layout} h-8 border-b border-rule text-[12px]`}>
          <div role="columnheader">
            <span className="sr-only">Chosen</span>
          </div>
          <KeywordColumns columns={columns} sort={sort} onSort={onSort} />
        </div>
      </div>
      <div role="rowgroup">
        {shown === 0 && (
          <div role="row">
            <div role="gridcell" aria-colspan={width} className="p-4 text-ink-2">
              {empty}
            </div>
          </div>
        )}
        <div style={{ height: virtual.getTotalSize(), position: "relative" }}>
          {virtual.getVirtualItems().map(({ index, start }) => {
            const row = rowAt(index);
            const chosen = row !== undefined && selection.chosen.has(row.place);
            const cells = row && (
              <KeywordCells row={row} narrow={narrow} chosen={chosen} target={target} ownList={ownList} />
            );
            return (
              // biome-ignore lint/a11y/useKeyWithClickEvents: keys are handled by the grid, which keeps the focus
              <div
                key={index}
                id={`row-${index}`}
                role="row"
                aria-rowindex={index + 2}
                aria-selected={chosen}
                onClick={(event) => press(index, event)}
                onDoubleClick={() => row && onOpen(row.text)}
                className={`${layout} absolute inset-x-0 h-8 cursor-default select-none border-b border-rule ${chosen ? "bg-proof-wash" : "hover:bg-paper"} ${index === active ? "group-focus-visible:outline-2 group-focus-visible:-outline-offset-2 group-focus-visible:outline-proof" : ""}`}
                style={{ top: start - ROW_HEIGHT }}
              >
                {row ? (
                  wrapRow ? (
                    wrapRow(row, cells)
                  ) : (
                    cells
                  )
                ) : (
                  <div role="gridcell" aria-colspan={width} className="col-span-full">
                    <span className="sr-only">Coming</span>
                    <span className="block h-2 w-40 bg-rule" aria-hidden="true" />
                  </div>
                )}
              </div>
            );
          })}
        </div>
      </div>
    </div>
  );
}
