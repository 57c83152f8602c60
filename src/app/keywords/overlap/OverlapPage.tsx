/** How all lists overlap: a row a list, a column a list, and in each cell the share of the row's keywords that the column has too. */

import { useEffect, useRef, useState } from "react";
import { Link } from "react-router";
import type { OverlapMatrix } from "../../../workers/listIndex";
import { useDependencies } from "../../store/DependenciesContext";
import { useAppSelector } from "../../store/hooks";
import { selectLists, selectPostEntities } from "../../store/selectors";
import { useAsk } from "../../store/useAsk";
import { Failed } from "../../ui/Failed";
import { count } from "../../ui/figures";
import { percent } from "../../ui/shortFigures";
import { Tooltip } from "../../ui/Tooltip";
import { useOverlapLimit } from "../board/OverlapSummary";

const MOST = 30;
export function OverlapPage() {
  const { workers } = useDependencies();
  const lists = useAppSelector(selectLists);
  const posts = useAppSelector(selectPostEntities);
  const limit = useOverlapLimit();
  const answer = useAsk(() => workers.keywords.matrix(), [lists]);
  const [chosen, setChosen] = useState<[string, string] | null>(null);
  useEffect(() => {
    document.title = "Overlap · Dune Sparrow";
  }, []);
  if (answer.state === "failed")
    return <Failed what="The lists could not be compared" why={answer.why} onRetry={answer.retry} />;
  if (answer.state === "loading")
    return (
      <p role="status" className="p-6 text-ink-2">
        Comparing the lists …
      </p>
    );
  const matrix = answer.value;
  if (!matrix.lists.length)
    return (
      <div className="border border-rule bg-sheet p-8">
        <h2 className="font-serif text-xl">No two lists share a keyword</h2>
        <p className="mt-1 max-w-xl text-ink-2">
          {matrix.total
            ? `${count(matrix.total, "list")} were compared by what their keywords say, whatever their endings and order.`
            : "There are no lists yet. As soon as two of them share keywords, they are compared here."}
        </p>
      </div>
    );
  const shown = matrix.lists.slice(0, MOST);
  const overlapOf = (row: string, column: string) =>
    matrix.overlaps.get(row)?.find(({ id }) => id === column);
  const pair = chosen && overlapOf(chosen[0], chosen[1]);
  const name = (id: string) => matrix.lists.find((list) => list.id === id)?.name ?? "";
  const postOf = (id: string) => posts[matrix.lists.find((list) => list.id === id)?.postId ?? ""]?.title;
  return (
    <div className="flex min-w-0 flex-1 gap-5 small:flex-col">
      <section aria-label="Overlap of all lists" className="min-w-0 flex-1">
        <p className="mb-2 text-[13px] text-ink-2">
          Percentage of the row's keywords that the column has too. {count(matrix.total, "list")} compared,{" "}
          {matrix.lists.length} share something
          {matrix.lists.length > MOST && `; showing the ${MOST} that share most`}. Marked: over{" "}
          {percent(limit)} or has the same target.
        </p>
        <Matrix
          shown={shown}
          overlapOf={overlapOf}
          limit={limit}
          chosen={chosen}
          onChoose={setChosen}
          posts={posts}
        />
      </section>
      <aside
        aria-label="Shared keywords"
        className="w-[290px] shrink-0 self-start border border-rule bg-sheet p-4 text-[13px]"
      >
        {chosen && pair ? (
          <>
            <h2 className="font-serif text-lg leading-tight">
              {name(chosen[0])} <span className="font-sans text-[13px] text-ink-2">shares with</span>{" "}
              {name(chosen[1])}
            </h2>
            {chosen.map(
              (id) =>
                postOf(id) && (
                  <p key={id} className="mt-1 text-ink-2">
                    {name(id)}: “{postOf(id)}”
                  </p>
                ),
            )}
            <p className="figures mt-2">
              {percent(pair.percent)}, {count(pair.pairs.length, "keyword")}
            </p>
            {pair.sameTarget && (
              <p className="mt-2 border-l-2 border-plum bg-plum-wash px-2 py-1 text-plum">
                Both have the same target: their posts compete.
              </p>
            )}
            <ul className="mt-2 list-disc pl-4">
              {pair.pairs.map(({ here, there }) => (
                <li key={here}>
                  {here}
                  {here !== there && <span className="text-ink-2"> = {there}</span>}
                </li>
              ))}
            </ul>
            <p className="mt-3 flex flex-col gap-1">
              {chosen.map((id) => (
                <Link key={id} className="quiet-link" to={`/keywords/lists/${id}`}>
                  Open the list of {postOf(id) ?? name(id)}
                </Link>
              ))}
            </p>
          </>
        ) : (
          <p className="text-ink-2">Choose a cell to see the keywords that the two lists share.</p>
        )}
      </aside>
    </div>
  );
}

interface MatrixProps {
  shown: OverlapMatrix["lists"];
  overlapOf: (row: string, column: string) => { percent: number; sameTarget: boolean } | undefined;
  limit: number;
  chosen: [string, string] | null;
  onChoose: (pair: [string, string]) => void;
  posts: Record<string, { title: string; status: string }>;
}

/** Arrow keys go from cell to cell; one cell takes the tab stop. */
function Matrix({ shown, overlapOf, limit, chosen, onChoose, posts }: MatrixProps) {
  const grid = useRef<HTMLTableElement>(null);
  const [stop, setStop] = useState<[number, number]>([0, 1]);
  const move = (row: number, column: number) => {
    const [r, c] = [
      Math.max(0, Math.min(shown.length - 1, row)),
      Math.max(0, Math.min(shown.length - 1, column)),
    ];
    setStop([r, c]);
    grid.current?.querySelector<HTMLButtonElement>(`[data-cell="${r} ${c}"]`)?.focus();
  };
  return (
    <section
      aria-label="Matrix"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: a scrolling region must be reachable by keyboard (WCAG 2.1.1)
      tabIndex={0}
      className="max-h-[calc(100vh-14rem)] overflow-auto border border-rule bg-sheet"
    >
      <table ref={grid} className="border-collapse text-[13px]">
        <thead>
          <tr>
            <th
              scope="col"
              className="sticky left-0 top-0 z-10 min-w-64 border-b border-r border-rule bg-sheet px-3 text-left align-bottom font-normal text-ink-2"
            >
              List
            </th>
            {shown.map(({ id, name }) => (
              <th
                key={id}
                scope="col"
                className="sticky top-0 h-36 border-b border-rule bg-sheet p-0 align-bottom font-normal"
              >
                <Tooltip says={name} whenCut>
                  <span className="mx-auto block max-h-32 w-10 truncate pb-2 [writing-mode:vertical-rl] rotate-180">
                    {name}
                  </span>
                </Tooltip>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {shown.map(({ id, name, postId, count: size }, r) => (
            <tr key={id}>
              <th
                scope="row"
                className="sticky left-0 max-w-72 border-b border-r border-rule bg-sheet px-3 py-1 text-left font-normal"
              >
                <Tooltip says={postId ? posts[postId]?.title : undefined} whenCut>
                  <span className="block truncate">
                    {name} <span className="figures text-ink-2">{size}</span>
                  </span>
                </Tooltip>
                <span className="block truncate text-[12px] text-ink-2">
                  {postId ? posts[postId]?.title : "no post"}
                </span>
              </th>
              {shown.map((column, c) => {
                const overlap = id === column.id ? undefined : overlapOf(id, column.id);
                const marked = overlap && (overlap.sameTarget || overlap.percent > limit);
                const here = chosen?.[0] === id && chosen[1] === column.id;
                return (
                  <td key={column.id} className="h-8 w-12 border-b border-rule p-0 text-center">
                    {id === column.id ? (
                      <span className="text-ink-2" aria-hidden="true">
                        ·
                      </span>
                    ) : (
                      <button
                        type="button"
                        data-cell={`${r} ${c}`}
                        tabIndex={stop[0] === r && stop[1] === c ? 0 : -1}
                        aria-pressed={here}
                        aria-label={`${name} shares ${overlap ? percent(overlap.percent) : "nothing"} with ${column.name}${overlap?.sameTarget ? ", same target" : ""}`}
                        className={`figures block size-full ${here ? "bg-proof-wash" : marked ? "bg-plum-wash" : "hover:bg-paper"} ${marked ? "font-semibold text-plum" : "text-ink-2"}`}
                        onFocus={() => setStop([r, c])}
                        onClick={() => overlap && onChoose([id, column.id])}
                        onKeyDown={(event) => {
                          const by: Record<string, [number, number]> = {
                            ArrowUp: [-1, 0],
                            ArrowDown: [1, 0],
                            ArrowLeft: [0, -1],
                            ArrowRight: [0, 1],
                          };
                          const step = by[event.key];
                          if (!step) return;
                          event.preventDefault();
                          // The diagonal has no cell to stand on.
                          const next: [number, number] = [r + step[0], c + step[1]];
                          if (next[0] === next[1]) move(next[0] + step[0], next[1] + step[1]);
                          else move(...next);
                        }}
                      >
                        {overlap ? (overlap.sameTarget ? "=" : "") + Math.round(overlap.percent) : ""}
                      </button>
                    )}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
