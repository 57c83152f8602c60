/** Shared terms and how often the text uses each, beside what is usual; what is worth most first. */
import type { TermCoverage } from "../../../core/competitors/coverage";
import { useAppSelector } from "../../store/hooks";
import { points } from "../../ui/figures";
import { Tooltip } from "../../ui/Tooltip";

const WIDTH = 140;
const HEIGHT = 12;

/** Points that each term could still add to the whole score, by its place. */
function gainsOf(terms: readonly TermCoverage[], gain: number): number[] {
  const missing = terms.map(({ salience, share }) => salience * (1 - share));
  const all = missing.reduce((sum, one) => sum + one, 0);
  return missing.map((one) => (all > 0 ? (gain * one) / all : 0));
}

export function CoverageTray({ onFind }: { onFind: (text: string) => void }) {
  const report = useAppSelector((state) => state.openPost.report);
  const terms = report?.coverage?.terms ?? [];
  const gain = report?.findings.find(({ id }) => id === "field-terms")?.gain ?? 0;
  const gains = gainsOf(terms, gain);
  const sorted = terms.map((term, i) => ({ term, gain: gains[i]! })).sort((a, b) => b.gain - a.gain);
  return (
    <section
      data-around
      aria-label="Shared terms"
      className="sticky bottom-9 z-20 max-h-[38vh] overflow-y-auto border-t border-edge bg-sheet px-6 py-3 shadow-md"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reachable by keys
      tabIndex={0}
    >
      <ul className="figures grid grid-cols-[repeat(auto-fill,minmax(22rem,1fr))] gap-x-8 text-[13px]">
        {sorted.map(({ term, gain: own }) => (
          <li key={term.key} className="flex h-7 items-center gap-3 border-b border-rule">
            <Tooltip says={`${term.core ? "Core" : "Wider"} term; find it in the text`} whenCut>
              <button
                type="button"
                className={`min-w-0 flex-1 truncate text-left hover:underline ${term.core ? "font-semibold" : ""}`}
                onClick={() => onFind(term.text)}
              >
                {term.text}
              </button>
            </Tooltip>
            <RangeBar term={term} />
            <span className="w-20 whitespace-nowrap text-right text-ink-2">
              {term.count} of {range(term)}
            </span>
            <span className="w-10 text-right font-semibold">{own >= 0.05 ? `+${points(own)}` : ""}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

const range = ({ low, high }: TermCoverage): string => {
  const [from, to] = [Math.max(1, Math.round(low)), Math.max(1, Math.round(high))];
  return from === to ? `${from}` : `${from}–${to}`;
};

/** The usual range as a bar on a line from zero, the draft's own count as a tick. */
function RangeBar({ term: { low, high, count } }: { term: TermCoverage }) {
  const top = Math.max(high * 1.5, count, 1);
  const x = (value: number) => 2 + (value / top) * (WIDTH - 4);
  const where = count < low ? "under" : count > high ? "over" : "in";
  return (
    <svg
      width={WIDTH}
      height={HEIGHT}
      role="img"
      aria-label={`${count} uses, ${where} the usual range of ${low.toFixed(1)} to ${high.toFixed(1)}`}
    >
      <line x1={2} x2={WIDTH - 2} y1={HEIGHT / 2} y2={HEIGHT / 2} stroke="var(--color-rule)" />
      <rect
        x={x(low)}
        y={3}
        width={Math.max(3, x(high) - x(low))}
        height={HEIGHT - 6}
        fill="var(--color-proof-wash)"
        stroke="var(--color-proof)"
        strokeWidth="0.75"
      />
      <line x1={x(count)} x2={x(count)} y1={0} y2={HEIGHT} stroke="var(--color-ink)" strokeWidth="2" />
    </svg>
  );
}
