/** The cells of one keyword. */

import { Check } from "lucide-react";
import { memo, useDeferredValue } from "react";
import { isAddress } from "../../../core/keywords/address";
import type { BoardRow } from "../../../workers/keywordBoard";
import { whole } from "../../ui/figures";
import { Sparkline } from "../../ui/Sparkline";
import { Tooltip } from "../../ui/Tooltip";
import { Uses } from "./Uses";

/** Drawn again only where the row itself changes: scrolling redraws the table many times a second. */
export const KeywordCells = memo(function KeywordCells({
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
  const orDash = (value: number | null, say: (n: number) => string) => (value === null ? "–" : say(value));
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
      <Tooltip says={row.text} whenCut>
        <div role="gridcell" className="truncate">
          <bdi>{row.text}</bdi>
          {isAddress(row.text) && (
            <Tooltip says="An address or a domain: who types it looks for that site alone">
              <span className="ml-2 border border-plum px-1 text-[11px] text-plum">address</span>
            </Tooltip>
          )}
          {target === row.text && (
            <strong className="ml-2 text-[12px] font-semibold text-proof">target</strong>
          )}
        </div>
      </Tooltip>
      <div role="gridcell" className="figures flex items-center justify-end gap-2">
        {!narrow && row.months.length > 0 && <LateSparkline months={row.months} />}
        <span className="w-13 text-right">{orDash(row.searches, whole)}</span>
      </div>
      <div role="gridcell" className="figures text-right">
        {orDash(row.difficulty, whole)}
      </div>
      {!narrow && (
        <>
          <div role="gridcell" className="truncate text-[13px] text-ink-2">
            {row.guessed ? (
              <Tooltip says="Guessed from its words">
                <span>
                  {row.wants}
                  <span aria-hidden="true"> ?</span>
                  <span className="sr-only">, guessed</span>
                </span>
              </Tooltip>
            ) : (
              row.wants || "–"
            )}
          </div>
          <div role="gridcell" className="figures text-right text-[13px] text-ink-2">
            {orDash(row.costPerClick, (n) => n.toFixed(2))}
          </div>
        </>
      )}
      <div role="gridcell" className="figures flex items-center justify-end gap-2">
        <span className="h-1.5 w-12 bg-rule" aria-hidden="true">
          <span className="block h-full bg-proof" style={{ width: `${row.opportunity ?? 0}%` }} />
        </span>
        <span className="w-6 text-right">{orDash(row.opportunity, whole)}</span>
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
