/** The weight strip: a block for each check, as wide as its weight, filled as far as it is earned. */
import { type KeyboardEvent, memo, useRef, useState } from "react";
import { byWorth, counts } from "../../core/proof/finding";
import { shownGains } from "../../core/proof/shownGains";
import type { ListedFinding } from "../../data/model";
import { points } from "./figures";
import { groupedFindings } from "./groupedFindings";
import { useMatches } from "./useMatches";

/** Shape of a block's fill: earned, partly, open, waiting or set aside. */
function shapeOf(finding: ListedFinding): string {
  if (finding.state === "set-aside") return "border-edge fill-struck";
  if (finding.state === "waiting") return "border-dashed border-edge";
  return finding.share > 0 ? "border-proof" : "border-edge";
}

function sayFinding(f: ListedFinding): string {
  const earned =
    f.state === "judged"
      ? `${points(f.share * f.weight)} of ${f.weight}`
      : f.state === "waiting"
        ? `waiting, 0 of ${f.weight}`
        : "set aside";
  const much = f.excess ? ` ${points(f.excess * f.weight)} lost to overuse.` : "";
  return `${f.name}: ${earned}.${much} ${f.reason}`;
}

/** One block of the strip: a check, or a whole group where there is no room for checks. */
interface Block {
  id: string;
  says: string;
  weight: number;
  share: number;
  /** The part lost to overuse. */
  excess: number;
  shape: string;
  gain: number;
  worthMost: boolean;
  /** The check that the block leads to. */
  goal: ListedFinding["id"];
}

function checkBlock(f: ListedFinding, gain: number, worthMost: boolean): Block {
  const { id, weight, share } = f;
  return {
    id,
    says: sayFinding(f),
    weight,
    share: f.state === "judged" ? share : 0,
    excess: f.excess ?? 0,
    shape: shapeOf(f),
    gain,
    worthMost,
    goal: id,
  };
}

/** Leads to what is worth most in the group. */
function groupBlock(
  id: string,
  name: string,
  members: readonly ListedFinding[],
  gains: ReadonlyMap<string, number>,
  worthMost: boolean,
): Block {
  const counted = members.filter(counts);
  const weight = counted.reduce((sum, f) => sum + f.weight, 0);
  const earned = counted.reduce((sum, f) => sum + f.weight * f.share, 0);
  const [best] = byWorth(members);
  return {
    id,
    says: `${name}: ${points(earned)} of ${weight}.${best ? ` ${best.name}: ${best.reason}` : ""}`,
    weight: weight || members.reduce((sum, f) => sum + f.weight, 0),
    share: weight ? earned / weight : 0,
    excess: weight ? counted.reduce((sum, f) => sum + f.weight * (f.excess ?? 0), 0) / weight : 0,
    shape: weight ? (earned > 0 ? "border-proof" : "border-edge") : "border-edge fill-struck",
    gain: gains.get(best?.id ?? "") ?? 0,
    worthMost,
    goal: (best ?? members[0]!).id,
  };
}

interface Props {
  findings: readonly ListedFinding[];
  score: number;
  /** Scores of the competing pages: the mean of the first ten, and the best. */
  benchmark?: { average: number; best: number } | null;
  /** Leads to the check's place; left out where there is none to go to. */
  onGo?: (id: ListedFinding["id"]) => void;
}

export function WeightStrip({ findings, score, benchmark = null, onGo }: Props) {
  const folded = useMatches("(max-width: 899px)");
  const [active, setActive] = useState<string | null>(null);
  const list = useRef<HTMLUListElement>(null);
  const [worth] = byWorth(findings);
  const gains = shownGains(findings);
  const parts = groupedFindings(findings).map(({ id, name, members }) => ({
    id,
    blocks: folded
      ? [
          groupBlock(
            id,
            name,
            members,
            gains,
            members.some((f) => f === worth),
          ),
        ]
      : members.map((f) => checkBlock(f, gains.get(f.id) ?? 0, f === worth)),
  }));
  const flat = parts.flatMap(({ blocks }) => blocks);
  const said = flat.find((block) => block.id === active);
  const tabStop = active ?? flat.find(({ worthMost }) => worthMost)?.id ?? flat[0]?.id;

  const onKey = (event: KeyboardEvent) => {
    const at = flat.findIndex(({ id }) => id === tabStop);
    const last = flat.length - 1;
    const next = { ArrowRight: Math.min(last, at + 1), ArrowLeft: Math.max(0, at - 1), Home: 0, End: last }[
      event.key
    ];
    if (next === undefined) return;
    event.preventDefault();
    list.current?.querySelector<HTMLElement>(`[data-check="${flat[next]!.id}"]`)?.focus();
  };

  return (
    <section
      aria-label={`Score ${points(score)} of 100, ${
        benchmark
          ? `competitors' average ${points(benchmark.average)}, best competitor ${points(benchmark.best)}, `
          : ""
      }by ${folded ? "group" : "check"}`}
    >
      <ul ref={list} aria-label="Checks by weight" className="flex h-5 gap-2" onKeyDown={onKey}>
        {parts.map(({ id: group, blocks }) => (
          <li key={group} className="contents">
            {blocks.map((block) => (
              <StripBlock
                key={block.id}
                {...block}
                stop={block.id === tabStop}
                onActive={setActive}
                onGo={onGo}
              />
            ))}
          </li>
        ))}
      </ul>
      <Ruler score={score} benchmark={benchmark} />
      <p className="h-5 truncate text-[13px] text-ink-2" aria-hidden="true">
        {said ? (
          <>
            {said.says}
            {said.gain > 0 && <span className="text-ink"> +{points(said.gain)}</span>}
          </>
        ) : worth ? (
          <>
            <span className="rounded-[2px] bg-brass-wash px-1 font-semibold text-brass">Best next step</span>{" "}
            {worth.name}, +{points(gains.get(worth.id)!)}. {worth.reason}
          </>
        ) : flat.length ? (
          "All points earned."
        ) : (
          ""
        )}
      </p>
    </section>
  );
}

interface StripBlockProps extends Block {
  /** The tab key stops here. */
  stop: boolean;
  onActive: (id: string | null) => void;
  onGo: Props["onGo"];
}

/** Drawn anew only when it says or shows something new: of thirty, a sentence typed changes a few. */
const StripBlock = memo(function StripBlock(block: StripBlockProps) {
  const { id, says, weight, share, excess, shape, gain, worthMost, goal, stop, onActive, onGo } = block;
  return (
    <button
      type="button"
      data-check={id}
      tabIndex={stop ? 0 : -1}
      aria-label={`${says}${worthMost ? ` Best next step: plus ${points(gain)}.` : ""}`}
      onClick={() => onGo?.(goal)}
      onFocus={() => onActive(id)}
      onBlur={() => onActive(null)}
      onMouseEnter={() => onActive(id)}
      onMouseLeave={() => onActive(null)}
      style={{ flexGrow: weight, flexBasis: 0 }}
      className={`relative -ml-1.5 min-w-1.5 overflow-hidden rounded-[2px] border first:ml-0 ${shape} ${
        worthMost ? "outline-2 outline-offset-1 outline-brass" : ""
      }`}
    >
      {share > 0 && (
        <span
          className={`eased absolute inset-y-0 left-0 ${share > 0.999 ? "fill-earned" : "fill-partly"}`}
          style={{ width: `${share * 100}%` }}
        />
      )}
      {excess > 0 && (
        <span
          className="fill-excess absolute inset-y-0 right-0"
          style={{ width: `max(4px, ${excess * 100}%)` }}
        />
      )}
    </button>
  );
});

/** Numbers closer than this on the scale would overlap. */
const APART = 5;

/** The scale beneath: 0 to 100, with the score and the competing pages' average and best as ticks. */
function Ruler({ score, benchmark }: { score: number; benchmark: Props["benchmark"] }) {
  const ticks = benchmark
    ? [
        { at: benchmark.average, name: "average" },
        { at: benchmark.best, name: "best" },
      ]
    : [];
  const free = (n: number, others: readonly number[]) => others.every((other) => Math.abs(other - n) > APART);
  return (
    <div className="relative mt-1.5 h-6" aria-hidden="true">
      <div className="absolute inset-x-0 top-0 flex justify-between">
        {Array.from({ length: 11 }, (_, i) => (
          <span key={i} className={`w-px bg-edge ${i % 5 ? "h-1" : "h-2"}`} />
        ))}
      </div>
      <div className="absolute inset-x-0 top-0 border-t border-rule" />
      {[0, 50, 100].map((n) => (
        <span
          key={n}
          className={`figures absolute top-2 text-[11px] text-ink-2 small:hidden ${n === 0 ? "left-0" : n === 100 ? "right-0" : "left-1/2 -translate-x-1/2"}`}
        >
          {free(n, [score, ...ticks.map(({ at }) => at)]) ? n : ""}
        </span>
      ))}
      {ticks.map(({ at, name }, i) => (
        <span key={name}>
          <span
            className="absolute -top-1 h-3 border-l border-dashed border-ink"
            style={{ left: `${at}%` }}
          />
          {free(at, [score, ...ticks.slice(0, i).map((other) => other.at)]) && (
            <span
              className="figures absolute top-2 whitespace-nowrap text-[11px] text-ink-2 small:hidden"
              style={{ left: `${at}%`, transform: `translateX(${at < 6 ? 0 : at > 94 ? -100 : -50}%)` }}
            >
              {name} {points(at)}
            </span>
          )}
        </span>
      ))}
      <span
        className="eased absolute -top-1 h-3.5 w-0.5 -translate-x-1/2 bg-proof"
        style={{ left: `${score}%` }}
      />
      <span
        className="figures absolute top-2 text-[12px] font-bold text-proof"
        style={{ left: `${score}%`, transform: `translateX(${score < 3 ? 0 : score > 97 ? -100 : -50}%)` }}
      >
        {points(score)}
      </span>
    </div>
  );
}
