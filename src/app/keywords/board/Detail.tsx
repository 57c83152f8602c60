/** One keyword: its year, what decided its intent, questions with it, where it was asked, and the pages that rank. */

import { X } from "lucide-react";
import { type ReactNode, useEffect } from "react";
import { FULLY_POPULAR, opportunityOf, popularityOf } from "../../../core/keywords/opportunity";
import { isDated, monthBefore, monthName } from "../../../core/keywords/seasonality";
import type { BoardQuestion } from "../../../workers/boards";
import type { KeywordDetail } from "../../../workers/keywordBoard";
import { useDependencies } from "../../store/DependenciesContext";
import { useAppSelector } from "../../store/hooks";
import { useAsk } from "../../store/useAsk";
import { Failed } from "../../ui/Failed";
import { Figure } from "../../ui/Figure";
import { whole } from "../../ui/figures";
import { lazyPart } from "../../ui/part";
import { Term } from "../../ui/Term";
import { Tooltip } from "../../ui/Tooltip";

const YearChart = lazyPart(
  "The year",
  async () => (await import("./YearChart")).default,
  <div style={{ height: 130 }} />,
);

export function Detail({
  question,
  text: keyword,
  revision,
  region,
  onClose,
  children,
}: {
  question: BoardQuestion;
  text: string;
  revision: number;
  region: string;
  onClose: () => void;
  /** What can be done with the keyword here. */
  children?: ((detail: KeywordDetail) => ReactNode) | undefined;
}) {
  const { workers } = useDependencies();
  const answer = useAsk(() => workers.keywords.detail(question, keyword), [question, keyword, revision]);
  const detail: KeywordDetail | null = answer.state === "ready" ? answer.value : null;
  // Taken out of the list: there is nothing to tell any more.
  const gone = answer.state === "ready" && !answer.value;
  // biome-ignore lint/correctness/useExhaustiveDependencies: closed once it is gone
  useEffect(() => {
    if (gone) onClose();
  }, [gone]);
  if (answer.state === "failed")
    return (
      <aside aria-label="Keyword" className="w-[290px] small:w-full shrink-0">
        <Failed what="The keyword could not be read" why={answer.why} onRetry={answer.retry} />
      </aside>
    );
  if (!detail) return <aside aria-label="Keyword" className="w-[290px] small:w-full shrink-0" />;
  const { text, searches, difficulty, costPerClick, opportunity, wants, decidedBy, months, lastMonth } =
    detail;
  const say = (n: number | null, how = whole) => (n === null ? "unknown" : how(n));
  return (
    <aside
      aria-label="Keyword"
      className="w-[290px] small:w-full shrink-0 overflow-y-auto border border-rule bg-sheet p-4 text-[13px]"
    >
      <div className="flex items-start justify-between gap-2">
        <h2 className="font-serif text-xl leading-tight">{text}</h2>
        <button
          type="button"
          aria-label="Close the detail"
          onClick={onClose}
          className="text-ink-2 hover:text-ink"
        >
          <X size={16} aria-hidden="true" />
        </button>
      </div>
      <dl className="mt-3 grid grid-cols-2 gap-x-3 gap-y-1.5">
        <Figure name="Searches a month" value={say(searches)} />
        <Figure name="Opportunity" value={say(opportunity)} />
        <Figure name="Difficulty" value={say(difficulty)} />
        <Figure name="Cost per click" value={say(costPerClick, (n) => n.toFixed(2))} />
      </dl>
      {searches !== null && difficulty !== null && (
        <OpportunityFormula searches={searches} difficulty={difficulty} />
      )}
      <p className="mt-2">
        <span className="text-ink-2">
          <Term id="intent" />
        </span>{" "}
        {wants || "unknown"}
        {decidedBy.length > 0 && (
          <span className="text-ink-2">, guessed from {decidedBy.map((word) => `“${word}”`).join(", ")}</span>
        )}
      </p>
      {children && <div className="mt-3">{children(detail)}</div>}
      <h3 className="mt-4 text-ink-2">Twelve months</h3>
      {months.length === 12 ? (
        <>
          <p className="font-semibold first-letter:uppercase">{detail.season}</p>
          <YearChart
            text={text}
            season={detail.season}
            months={months}
            names={months.map((_, i) => (isDated(lastMonth) ? monthName(i, lastMonth) : String(i + 1)))}
            ends={isDated(lastMonth) ? `${monthBefore(lastMonth, 11)} to ${lastMonth}` : ""}
          />
        </>
      ) : (
        <p>No monthly numbers are known.</p>
      )}
      {detail.from.length > 0 && (
        <p className="mt-3">
          <span className="text-ink-2">Found by</span>{" "}
          {detail.from
            .map(({ source, how }) => (how === "seed" ? `“${source}”` : `“${source}” (${how})`))
            .join(", ")}
        </p>
      )}
      {detail.asked && detail.asked.length > 0 && (
        <>
          <h3 className="mt-3 text-ink-2">Asked on</h3>
          <ul>
            {detail.asked.map(({ title, address }) => (
              <Tooltip key={address} says={address} whenCut>
                <li className="truncate">{title}</li>
              </Tooltip>
            ))}
          </ul>
        </>
      )}
      {detail.questions.length > 0 && (
        <>
          <h3 className="mt-3 text-ink-2">Questions with it</h3>
          <ul className="list-disc pl-4">
            {detail.questions.map((question) => (
              <li key={question}>{question}</li>
            ))}
          </ul>
        </>
      )}
      <h3 className="mt-3 text-ink-2">Pages that rank</h3>
      <Ranking query={text} region={region} />
      {detail.standIn && <p className="mt-3 text-ink-2">Figures: stand-in.</p>}
    </aside>
  );
}

/** The opportunity with this keyword's numbers: one scale for all keywords, so that it is the same in every table. */
function OpportunityFormula({ searches, difficulty }: { searches: number; difficulty: number }) {
  const popularity = popularityOf(searches);
  return (
    <details className="mt-2 text-ink-2">
      <summary className="w-fit underline underline-offset-2">How opportunity is calculated</summary>
      <p className="figures mt-1">
        Popular and winnable: 100 · popularity · (1 − difficulty / 100), with popularity on a fixed scale of
        searches, lg(1 + searches) / lg(1 + {whole(FULLY_POPULAR)}), at most 1.
      </p>
      <p className="figures mt-1 text-ink">
        100 · {popularity.toFixed(3)} · (1 − {whole(difficulty)} / 100) ={" "}
        {opportunityOf(searches, difficulty).toFixed(1)}
      </p>
    </details>
  );
}

/** Asked of the service when the detail is opened. */
function Ranking({ query, region }: { query: string; region: string }) {
  const { workers } = useDependencies();
  const connection = useAppSelector((state) => state.session.search);
  const answer = useAsk(async () => {
    if (!region) return [];
    const outcome = await workers.keywords.ranking(connection, query, region);
    if ("ok" in outcome) return outcome.ok;
    throw new Error(outcome.failed.message);
  }, [connection, query, region]);
  if (!region) return <p>The file does not say which pages rank.</p>;
  if (answer.state === "loading" || (answer.state === "ready" && !answer.current))
    return <p role="status">Asking …</p>;
  if (answer.state === "failed")
    return (
      <p role="alert" className="text-plum">
        {answer.why} The numbers above are kept.{" "}
        <button type="button" className="underline" onClick={answer.retry}>
          Try again
        </button>
      </p>
    );
  if (!answer.value.length) return <p>No page is known to answer it.</p>;
  return (
    <ol className="list-decimal pl-5">
      {answer.value.map(({ address, title, site, linksIn }) => (
        <Tooltip key={address} says={address}>
          <li className="py-0.5">
            {title}{" "}
            <span className="text-ink-2">
              {site}
              {linksIn ? `, ${linksIn} links` : ""}
            </span>
          </li>
        </Tooltip>
      ))}
    </ol>
  );
}
