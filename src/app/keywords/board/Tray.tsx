/** The foot of the table: what is chosen, what it sums up to, what it shares with other lists, and what to do with it. */

import type { ReactNode } from "react";
import type { BoardQuestion } from "../../../workers/boards";
import { useDependencies } from "../../store/DependenciesContext";
import { useAsk } from "../../store/useAsk";
import { Button } from "../../ui/Button";
import { count, whole } from "../../ui/figures";
import { OverlapSummary } from "./OverlapSummary";
import type { Selection } from "./useSelection";

export function Tray({
  question,
  selection,
  language,
  withoutList,
  children,
  idle,
}: {
  question: BoardQuestion;
  selection: Selection;
  language: string;
  withoutList: string;
  /** What can be done with the chosen rows. */
  children: ReactNode;
  /** Said, and offered, where nothing is chosen. */
  idle: ReactNode;
}) {
  const { workers } = useDependencies();
  const { chosen } = selection;
  const answer = useAsk(
    () =>
      chosen.size ? workers.keywords.tray(question, Uint32Array.from(chosen), language, withoutList) : null,
    [question, chosen, language, withoutList],
    { pause: 60 },
  );
  // Where it cannot be summed up, how many are chosen is said all the same.
  const tray = answer.state === "ready" && answer.current ? answer.value : null;
  return (
    <section
      aria-label="Chosen keywords"
      className="sticky bottom-0 z-20 mt-2 flex min-h-12 flex-wrap short:static items-center gap-x-4 gap-y-1 border border-rule bg-sheet px-4 py-1.5"
    >
      {chosen.size ? (
        <>
          <p role="status" className="figures min-w-0 flex-1 truncate text-[13px]">
            <strong>{whole(chosen.size)} chosen</strong>
            {tray && (
              <>
                {" · "}
                {whole(tray.searches)} searches a month
                {tray.unknown > 0 && `, ${count(tray.unknown, "unknown", "unknown")}`}
                {" · "}
                <OverlapSummary overlaps={tray.overlaps} />
              </>
            )}
          </p>
          <div className="flex flex-wrap items-center gap-2">
            {children}
            <Button kind="quiet" onClick={selection.clear}>
              Clear
            </Button>
          </div>
        </>
      ) : (
        idle
      )}
    </section>
  );
}
