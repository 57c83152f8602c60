/** The keywords of the site: searched, put in order, and taken from. Only the rows in sight are drawn. */
import { useVirtualizer } from "@tanstack/react-virtual";
import { ArrowDown, ArrowUp, ArrowUpDown, Plus, X } from "lucide-react";
import { useMemo, useRef, useState } from "react";
import { foldPlain } from "../../../core/text/fold";
import type { Post } from "../../../data/model";
import { count, whole } from "../../ui/figures";
import { Sparkline } from "../../ui/Sparkline";
import type { KeywordRow } from "./keywordRow";

type Column = "text" | "searches" | "difficulty" | "intent" | "opportunity";
const COLUMNS: { id: Column; name: string; figures: boolean }[] = [
  { id: "text", name: "Keyword", figures: false },
  { id: "searches", name: "Searches", figures: true },
  { id: "difficulty", name: "Difficulty", figures: true },
  { id: "intent", name: "Intent", figures: false },
  { id: "opportunity", name: "Opportunity", figures: true },
];
const GRID =
  "grid grid-cols-[minmax(0,1fr)_70px_76px_100px_146px] items-center gap-x-3 px-3 mid:grid-cols-[minmax(0,1fr)_130px_72px_94px_100px_146px]";

interface TableProps {
  rows: KeywordRow[];
  post: Post;
  readOnly: boolean;
  onTarget: (text: string) => void;
  onSupporting: (text: string) => void;
}

export function KeywordTable({ rows, post, readOnly, onTarget, onSupporting }: TableProps) {
  const [query, setQuery] = useState("");
  const [sort, setSort] = useState<{ column: Column; down: boolean }>({ column: "opportunity", down: true });
  const scroller = useRef<HTMLDivElement>(null);
  const shown = useMemo(() => {
    const wanted = foldPlain(query).split(" ").filter(Boolean);
    const found = rows.filter((row) => wanted.every((word) => row.id.includes(word)));
    return found.sort(
      (a, b) => compare(a[sort.column], b[sort.column], sort.down) || a.text.localeCompare(b.text),
    );
  }, [rows, query, sort]);
  const virtual = useVirtualizer({
    count: shown.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => 32,
    overscan: 12,
  });
  const supporting = new Set(post.supporting.map(foldPlain));
  const target = foldPlain(post.keyword);
  return (
    <>
      <div className="mb-2 flex items-center gap-3">
        <input
          type="search"
          aria-label="Search keywords"
          placeholder="Search keywords"
          className="field-box !w-72"
          value={query}
          onChange={(event) => setQuery(event.target.value)}
        />
        <p role="status" className="figures text-[13px] text-ink-2">
          {count(shown.length, "keyword")}
        </p>
        {rows.some((row) => row.standIn) && (
          <p className="ml-auto text-[13px] text-ink-2">Figures: stand-in, made up for the demo</p>
        )}
      </div>
      <div
        role="table"
        aria-label="Keywords"
        aria-rowcount={shown.length + 1}
        className="flex min-h-0 flex-1 flex-col border border-rule bg-sheet"
      >
        <div role="row" className={`${GRID} h-8 border-b border-rule text-[12px]`}>
          {COLUMNS.map(({ id, name, figures }) => {
            const active = sort.column === id;
            const Arrow = active ? (sort.down ? ArrowDown : ArrowUp) : ArrowUpDown;
            return (
              <div
                key={id}
                role="columnheader"
                aria-sort={active ? (sort.down ? "descending" : "ascending") : "none"}
                className={`${figures ? "text-right" : ""} ${id === "intent" ? "hidden mid:block" : ""}`}
              >
                <button
                  type="button"
                  className={`inline-flex items-center gap-1 ${active ? "font-semibold" : "text-ink-2"}`}
                  onClick={() => setSort({ column: id, down: active ? !sort.down : figures })}
                >
                  {name} <Arrow size={12} aria-hidden="true" />
                </button>
              </div>
            );
          })}
          <div role="columnheader">
            <span className="sr-only">Use</span>
          </div>
        </div>
        <div
          ref={scroller}
          role="rowgroup"
          // biome-ignore lint/a11y/noNoninteractiveTabindex: a scrolling region must be reachable by keyboard (WCAG 2.1.1)
          tabIndex={0}
          aria-label="Keyword rows"
          className="h-[calc(100vh-15rem)] min-h-64 overflow-y-auto"
        >
          <div style={{ height: virtual.getTotalSize(), position: "relative" }}>
            {shown.length === 0 && (
              <p className="p-4 text-ink-2">
                No keyword has these words. Type it on the left to use it all the same.
              </p>
            )}
            {virtual.getVirtualItems().map(({ index, start }) => {
              const row = shown[index]!;
              const isTarget = row.id === target;
              const isSupporting = supporting.has(row.id);
              return (
                <div
                  key={row.id}
                  role="row"
                  aria-rowindex={index + 2}
                  className={`${GRID} absolute inset-x-0 h-8 border-b border-rule ${isTarget ? "bg-proof-wash" : "hover:bg-paper"}`}
                  style={{ top: start }}
                >
                  <div role="cell" className="truncate" title={row.text}>
                    {row.text}
                    {row.taken && (
                      <span
                        className="ml-2 text-[12px] text-plum"
                        title={`Target of “${row.taken.title || "an untitled post"}”`}
                      >
                        has a post
                      </span>
                    )}
                  </div>
                  <div role="cell" className="figures flex items-center justify-end gap-2">
                    <span className="hidden mid:inline">
                      <Sparkline values={row.months} width={64} height={18} />
                    </span>
                    <span className="w-12 text-right">
                      {row.searches === null ? "–" : whole(row.searches)}
                    </span>
                  </div>
                  <div role="cell" className="figures text-right">
                    {row.difficulty ?? "–"}
                  </div>
                  <div role="cell" className="hidden truncate text-[13px] text-ink-2 mid:block">
                    {row.intent || "–"}
                  </div>
                  <div role="cell" className="figures flex items-center justify-end gap-2">
                    <span className="h-1.5 w-12 bg-rule" aria-hidden="true">
                      <span className="block h-full bg-proof" style={{ width: `${row.opportunity ?? 0}%` }} />
                    </span>
                    <span className="w-6 text-right">
                      {row.opportunity === null ? "–" : Math.round(row.opportunity)}
                    </span>
                  </div>
                  <div role="cell" className="flex justify-end gap-3 text-[13px]">
                    {isTarget ? (
                      <strong className="text-proof">Target</strong>
                    ) : (
                      <>
                        <button
                          type="button"
                          disabled={readOnly}
                          className="quiet-link"
                          onClick={() => onTarget(row.text)}
                          aria-label={`Make “${row.text}” the target`}
                        >
                          Target
                        </button>
                        <button
                          type="button"
                          disabled={readOnly}
                          aria-pressed={isSupporting}
                          aria-label={`“${row.text}” as supporting keyword`}
                          className={
                            isSupporting
                              ? "inline-flex items-center gap-1 font-semibold text-proof"
                              : "quiet-link inline-flex items-center gap-1"
                          }
                          onClick={() => onSupporting(row.text)}
                        >
                          {isSupporting ? (
                            <X size={12} aria-hidden="true" />
                          ) : (
                            <Plus size={12} aria-hidden="true" />
                          )}
                          {isSupporting ? "Supporting" : "Support"}
                        </button>
                      </>
                    )}
                  </div>
                </div>
              );
            })}
          </div>
        </div>
      </div>
    </>
  );
}

/** Unknown values sort last, whichever way. */
function compare(a: string | number | null, b: string | number | null, down: boolean): number {
  if (a === null || a === "") return b === null || b === "" ? 0 : 1;
  if (b === null || b === "") return -1;
  const order = typeof a === "number" && typeof b === "number" ? a - b : String(a).localeCompare(String(b));
  return down ? -order : order;
}
