/**
 * The keyword table: only the rows in sight are drawn, and chosen by keys as by clicks. Arrows move, Space chooses,
 * Shift stretches the choice, Ctrl+A chooses all that is shown, Enter opens the detail.
 */

import { useVirtualizer } from "@tanstack/react-virtual";
import { ArrowDown, ArrowUp, Check } from "lucide-react";
import {
  type KeyboardEvent,
  memo,
  type ReactNode,
  useCallback,
  useDeferredValue,
  useEffect,
  useRef,
  useState,
} from "react";
import { isAddress } from "../../../core/keywords/address";
import type { SortColumn, SortKey } from "../../../core/keywords/sift";
import type { BoardQuestion } from "../../../workers/boards";
import type { BoardRow } from "../../../workers/keywordBoard";
import { useDependencies } from "../../store/DependenciesContext";
import { whole } from "../../ui/figures";
import { hintOf } from "../../ui/glossary";
import { Sparkline } from "../../ui/Sparkline";
import { useMatches } from "../../ui/useMatches";
import { COLUMNS, NARROW_GRID, WIDE_GRID } from "./columns";
import { Uses } from "./Uses";
import { useRows } from "./useBoard";
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

const ROW = 32;
const PAGE = 12;

export function KeywordGrid(props: Props) {
  const { workers } = useDependencies();
  const {
    question,
    label,
    shown,
    revision,
    sort,
    onSort,
    selection,
    onOpen,
    onDelete,
    target,
    wrapRow,
    empty,
    ownList,
  } = props;
  const grid = useRef<HTMLDivElement>(null);
  const wideWindow = useMatches("(min-width: 1100px)");
  const narrow = props.narrow || !wideWindow;
  const [active, setActive] = useState(0);
  const anchor = useRef(0);
  const { rowAt, want } = useRows(
    revision,
    useCallback((from: number, to: number) => workers.keywords.rows(question, from, to), [question, workers]),
  );
  const virtual = useVirtualizer({
    count: shown,
    getScrollElement: () => grid.current,
    estimateSize: () => ROW,
    overscan: 6,
    // The header stays at the top of what scrolls.
    scrollMargin: ROW,
    scrollPaddingStart: ROW,
  });
  const items = virtual.getVirtualItems();
  const first = items[0]?.index ?? 0;
  const last = (items.at(-1)?.index ?? -1) + 1;
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new revision needs its rows anew
  useEffect(() => want(first, last), [want, first, last, revision]);
  useEffect(() => {
    if (active >= shown) setActive(Math.max(0, shown - 1));
  }, [active, shown]);
  useEffect(() => {
    if (props.autoFocus) grid.current?.focus();
  }, [props.autoFocus]);

  const go = (to: number, stretching: boolean) => {
    const next = Math.max(0, Math.min(shown - 1, to));
    if (stretching) selection.stretch(anchor.current, next);
    else anchor.current = next;
    setActive(next);
    virtual.scrollToIndex(next);
  };
  const toggle = (index: number) => {
    const row = rowAt(index);
    anchor.current = index;
    if (row) selection.toggle(row.place);
  };
  const onKey = (event: KeyboardEvent) => {
    if (event.target !== grid.current || !shown) return;
    const moves: Record<string, number> = {
      ArrowDown: active + 1,
      ArrowUp: active - 1,
      PageDown: active + PAGE,
      PageUp: active - PAGE,
      Home: 0,
      End: shown - 1,
    };
    const to = moves[event.key];
    if (to !== undefined) go(to, event.shiftKey);
    else if (event.key === " ") toggle(active);
    else if (event.key === "Enter") {
      const row = rowAt(active);
      if (row) onOpen(row.text);
    } else if (event.key.toLowerCase() === "a" && (event.ctrlKey || event.metaKey)) selection.all();
    else if (event.key === "Escape") {
      // One step back at a time.
      if (!props.onEscape()) selection.clear();
    } else if (event.key === "Delete" && selection.chosen.size) onDelete();
    else return;
    event.preventDefault();
  };
  const sortBy = (column: SortColumn, figures: boolean, more: boolean) => {
    const own = sort.find((key) => key.column === column);
    // Figures begin with the largest, lists with what is in one.
    const key = { column, down: own ? !own.down : figures || column === "use" };
    // With Shift a column joins the others, as the last to decide.
    if (more) onSort(own ? sort.map((one) => (one === own ? key : one)) : [...sort, key]);
    else onSort([key]);
  };
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
          {columns.map(({ id, name, figures, term }) => {
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
                <button
                  type="button"
                  title={`${term ? `${hintOf(term)} ` : ""}Sort by this; with Shift, sort by this as well`}
                  className={`inline-flex items-center gap-0.5 ${key ? "font-semibold" : "text-ink-2"}`}
                  onClick={(event) => sortBy(id, figures, event.shiftKey)}
                >
                  {name}
                  {key && <Arrow size={12} aria-hidden="true" />}
                  {key && sort.length > 1 && <span className="figures text-[11px]">{place + 1}</span>}
                </button>
              </div>
            );
          })}
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
          {items.map(({ index, start }) => {
            const row = rowAt(index);
            const chosen = row !== undefined && selection.chosen.has(row.place);
            const cells = row && (
              <RowCells row={row} narrow={narrow} chosen={chosen} target={target} ownList={ownList} />
            );
            return (
              // biome-ignore lint/a11y/useKeyWithClickEvents: keys are handled by the grid, which keeps the focus
              <div
                key={index}
                id={`row-${index}`}
                role="row"
                aria-rowindex={index + 2}
                aria-selected={chosen}
                onClick={(event) => {
                  if (event.shiftKey) go(index, true);
                  else {
                    setActive(index);
                    toggle(index);
                  }
                }}
                onDoubleClick={() => row && onOpen(row.text)}
                className={`${layout} absolute inset-x-0 h-8 cursor-default select-none border-b border-rule ${chosen ? "bg-proof-wash" : "hover:bg-paper"} ${index === active ? "group-focus-visible:outline-2 group-focus-visible:-outline-offset-2 group-focus-visible:outline-proof" : ""}`}
                style={{ top: start - ROW }}
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

/** Drawn again only where the row itself changes: scrolling redraws the table many times a second. */
const RowCells = memo(function RowCells({
  row,
  narrow,
  chosen,
  target,
  ownList,
}: {
  row: BoardRow;
  ownList: string;
  narrow: boolean;
  chosen: boolean;
  target: string | undefined;
}) {
  const known = (value: number | null, say: (n: number) => string) => (value === null ? "–" : say(value));
  return (
    <>
      <div role="gridcell">
        <span
          className={`flex size-4 items-center justify-center rounded-[2px] border ${chosen ? "border-proof bg-proof text-on-proof" : "border-edge bg-sheet"}`}
        >
          {chosen && <Check size={12} strokeWidth={3} aria-hidden="true" />}
          <span className="sr-only">{chosen ? "chosen" : "not chosen"}</span>
        </span>
      </div>
      <div role="gridcell" className="truncate" title={row.text}>
        <bdi>{row.text}</bdi>
        {isAddress(row.text) && (
          <span
            className="ml-2 border border-plum px-1 text-[11px] text-plum"
            title="An address or a domain: who types it looks for that site alone"
          >
            address
          </span>
        )}
        {target === row.text && <strong className="ml-2 text-[12px] font-semibold text-proof">target</strong>}
      </div>
      <div role="gridcell" className="figures flex items-center justify-end gap-2">
        {!narrow && row.months.length > 0 && <LateSparkline months={row.months} />}
        <span className="w-13 text-right">{known(row.searches, whole)}</span>
      </div>
      <div role="gridcell" className="figures text-right">
        {known(row.difficulty, whole)}
      </div>
      {!narrow && (
        <>
          <div role="gridcell" className="truncate text-[13px] text-ink-2">
            {row.guessed ? (
              <span title="Guessed from its words">
                {row.wants}
                <span aria-hidden="true"> ?</span>
                <span className="sr-only">, guessed</span>
              </span>
            ) : (
              row.wants || "–"
            )}
          </div>
          <div role="gridcell" className="figures text-right text-[13px] text-ink-2">
            {known(row.costPerClick, (n) => n.toFixed(2))}
          </div>
        </>
      )}
      <div role="gridcell" className="figures flex items-center justify-end gap-2">
        <span className="h-1.5 w-12 bg-rule" aria-hidden="true">
          <span className="block h-full bg-proof" style={{ width: `${row.opportunity ?? 0}%` }} />
        </span>
        <span className="w-6 text-right">{known(row.opportunity, whole)}</span>
      </div>
      <div role="gridcell" className="truncate text-[13px] small:hidden">
        <Uses uses={row.uses.filter(({ listId }) => listId !== ownList)} />
      </div>
    </>
  );
});

/** Drawn when there is time: a row in sight is worth more than its year. */
function LateSparkline({ months }: { months: number[] }) {
  const drawn = useDeferredValue(true, false);
  return drawn ? <Sparkline values={months} width={64} height={18} /> : <span className="w-16" />;
}
