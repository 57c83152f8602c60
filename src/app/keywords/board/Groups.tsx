/** Keywords that want the same page, as groups: each becomes a list in one step. */

import { useVirtualizer } from "@tanstack/react-virtual";
import { useCallback, useEffect, useRef } from "react";
import type { BoardQuestion } from "../../../workers/boards";
import type { BoardGroup } from "../../../workers/keywordBoard";
import { useDependencies } from "../../store/DependenciesContext";
import { useAsk } from "../../store/useAsk";
import { Button } from "../../ui/Button";
import { Failed } from "../../ui/Failed";
import { count, whole } from "../../ui/figures";
import { useRows } from "./useBoard";
import type { Selection } from "./useSelection";

const why = ({ by, sharedWord }: BoardGroup): string =>
  ({
    pages: "the same pages rank for them",
    stems: "they share most of their words",
    word: `all have “${sharedWord}”`,
    alone: "on its own",
  })[by];
const ROW = 76;

export function Groups({
  question,
  revision,
  selection,
  onList,
}: {
  question: BoardQuestion;
  revision: number;
  selection: Selection;
  onList: (group: BoardGroup) => void;
}) {
  const { workers } = useDependencies();
  const answer = useAsk(
    async () => ({ revision, count: await workers.keywords.groupCount(question) }),
    [question, revision],
  );
  const groups = answer.state === "ready" ? answer.value : null;
  const fetchGroups = useCallback(
    (from: number, to: number): Promise<BoardGroup[]> => workers.keywords.groups(question, from, to),
    [question, workers],
  );
  const scroller = useRef<HTMLElement>(null);
  const { rowAt, want } = useRows(groups?.revision ?? 0, fetchGroups);
  const virtual = useVirtualizer({
    count: groups?.count ?? 0,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW,
    overscan: 6,
  });
  const items = virtual.getVirtualItems();
  const first = items[0]?.index ?? 0;
  const last = (items.at(-1)?.index ?? -1) + 1;
  // biome-ignore lint/correctness/useExhaustiveDependencies: newly made groups are fetched anew
  useEffect(() => want(first, last), [want, first, last, groups]);
  if (answer.state === "failed")
    return <Failed what="The groups could not be made" why={answer.why} onRetry={answer.retry} />;
  if (!groups)
    return (
      <p role="status" className="p-4 text-ink-2">
        Grouping …
      </p>
    );
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <p role="status" className="mb-1 text-[13px] text-ink-2">
        {count(groups.count, "group")}, by summed searches
      </p>
      <section
        ref={scroller}
        aria-label="Groups of keywords"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a scrolling region must be reachable by keyboard (WCAG 2.1.1)
        tabIndex={0}
        className="min-h-48 flex-1 overflow-y-auto border border-rule bg-sheet"
      >
        <ul aria-label="Groups" style={{ height: virtual.getTotalSize() }} className="relative">
          {items.map(({ index, start }) => {
            const group = rowAt(index);
            const chosen = group ? group.members.filter((place) => selection.chosen.has(place)).length : 0;
            return (
              <li
                key={index}
                aria-setsize={groups.count}
                aria-posinset={index + 1}
                className="absolute inset-x-0 grid grid-cols-[minmax(0,1fr)_80px_auto] items-center gap-x-4 border-b border-rule px-4"
                style={{ height: ROW, top: start }}
              >
                {group && (
                  <>
                    <div className="min-w-0">
                      <p className="flex items-baseline gap-2">
                        <strong className="truncate font-serif text-[15px] font-semibold">
                          {group.head}
                        </strong>
                        <span className="shrink-0 text-[12px] text-ink-2">
                          {group.members.length === 1
                            ? "on its own"
                            : `${count(group.members.length, "keyword")}: ${why(group)}`}
                          {group.hasPost && <span className="text-plum"> · some are in a list</span>}
                        </span>
                      </p>
                      <p className="line-clamp-2 text-[13px] text-ink-2">
                        {group.texts.slice(1).join(" · ")}
                      </p>
                    </div>
                    <p className="figures text-right">
                      {whole(group.searches)}
                      <span className="block text-[12px] text-ink-2">a month</span>
                    </p>
                    <div className="flex gap-2">
                      <Button
                        kind="quiet"
                        aria-pressed={chosen === group.members.length}
                        aria-label={`Choose the group “${group.head}”`}
                        onClick={() =>
                          chosen === group.members.length
                            ? selection.set(
                                [...selection.chosen].filter((place) => !group.members.includes(place)),
                              )
                            : selection.add(group.members)
                        }
                      >
                        {chosen === group.members.length
                          ? "Chosen"
                          : chosen
                            ? `Choose all (${chosen} are)`
                            : "Choose"}
                      </Button>
                      <Button
                        aria-label={`Make a list of the group “${group.head}”`}
                        onClick={() => onList(group)}
                      >
                        Make a list
                      </Button>
                    </div>
                  </>
                )}
              </li>
            );
          })}
        </ul>
      </section>
    </div>
  );
}
