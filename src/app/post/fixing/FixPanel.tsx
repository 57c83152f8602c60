import type { Fix } from "../../../core/proof/fixes/fix";
import { useAppDispatch } from "../../store/hooks";
import { Button } from "../../ui/Button";
import { points } from "../../ui/figures";
import { applyFixes } from "./applyFixes";

const LINES_SHOWN = 6;

/** The fixes of one finding: what was, what will be, and what it gains. Alternatives stand below each other. */
export function FixPanel({ fixes, onDone }: { fixes: readonly Fix[]; onDone: () => void }) {
  const dispatch = useAppDispatch();
  return (
    <ul className="mt-2 flex flex-col gap-2">
      {fixes.map((fix, i) => (
        <li
          key={`${fix.fix}:${fix.lines[0]?.after}`}
          className="grid grid-cols-[minmax(0,1fr)_auto] items-start gap-x-4 border-l-2 border-proof bg-paper py-2 pl-3 pr-2"
        >
          <div className="min-w-0">
            <p className="text-[13px] font-semibold">
              {fix.name}
              {fix.toCheck && <span className="font-normal text-plum"> · to review afterwards</span>}
            </p>
            <Lines fix={fix} />
            <FixFacts fix={fix} />
          </div>
          <Button
            aria-label={`Fix: ${fix.name}${fixes.length > 1 ? `, choice ${i + 1}` : ""}`}
            onClick={() => {
              void dispatch(applyFixes([fix]));
              onDone();
            }}
          >
            Fix <span className="figures font-semibold">+{points(fix.gain)}</span>
          </Button>
        </li>
      ))}
    </ul>
  );
}

/** What a proposal was made from, how wide it is, and the score with it. */
export function FixFacts({ fix: { source, width, score, caution } }: { fix: Fix }) {
  if (!source) return null;
  return (
    <p className="figures mt-0.5 text-[12px] text-ink-2">
      From {source}
      {width && ` · ${Math.round(width.pixels)} of ${Math.round(width.most)} px`} · score {points(score)}
      {caution && ` · ${caution}`}
    </p>
  );
}

export function Lines({ fix: { lines } }: { fix: Pick<Fix, "lines"> }) {
  return (
    <dl className="text-[13px]">
      {lines.slice(0, LINES_SHOWN).map(({ before, after }) => (
        <div key={`${before} ${after}`} className="mt-1">
          {before && (
            <>
              <dt className="sr-only">Before</dt>
              <dd className="break-words text-ink-2 line-through decoration-rule">{before}</dd>
            </>
          )}
          <dt className="sr-only">After</dt>
          <dd className="break-words">{after}</dd>
        </div>
      ))}
      {lines.length > LINES_SHOWN && (
        <div className="figures mt-1 text-ink-2">
          <dt className="sr-only">More</dt>
          <dd>and {lines.length - LINES_SHOWN} more</dd>
        </div>
      )}
    </dl>
  );
}
