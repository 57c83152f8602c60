/** A look-up beside the post's list: search it, choose in it, take from it. */

import { useMemo, useState } from "react";
import { Link } from "react-router";
import { useDebounce } from "use-debounce";
import type { ListKeyword } from "../../../core/keywords/list";
import { type Filter, noFilter, type SortKey } from "../../../core/keywords/sift";
import type { LookUp, Post } from "../../../data/model";
import { Board } from "../../keywords/board/Board";
import { useBoard, useLookUpQuestion } from "../../keywords/board/useBoard";
import { useSelection } from "../../keywords/board/useSelection";
import { lookUpName } from "../../keywords/lookup/EarlierLookUps";
import { useDependencies } from "../../store/DependenciesContext";
import { attemptRead } from "../../ui/attemptRead";
import { Button } from "../../ui/Button";
import { count, whole } from "../../ui/figures";
import { Select } from "../../ui/Select";
import { Term } from "../../ui/Term";

/** Milliseconds after the last key before the keywords are searched. */
const REST = 120;

interface Props {
  lookUp: LookUp;
  lookUps: LookUp[];
  onLookUp: (id: string) => void;
  post: Post;
  readOnly: boolean;
  onTarget: (keyword: ListKeyword) => void;
  onSupporting: (keywords: ListKeyword[]) => void;
}

export function PickKeywords({ lookUp, lookUps, onLookUp, post, readOnly, onTarget, onSupporting }: Props) {
  const { workers } = useDependencies();
  const [typed, setTyped] = useState("");
  const [sort, setSort] = useState<SortKey[]>([{ column: "opportunity", down: true }]);
  const [contains] = useDebounce(typed, REST);
  const filter = useMemo((): Filter => ({ ...noFilter, contains }), [contains]);
  const question = useLookUpQuestion(lookUp, filter, sort);
  const selection = useSelection(question);
  const state = useBoard(question);
  const view = state.state === "open" ? state.view : null;
  const take = async (use: (keywords: ListKeyword[]) => void) => {
    const keywords = await workers.keywords.chosen(
      question,
      Uint32Array.from(selection.chosen),
      lookUp.region,
    );
    selection.clear();
    if (keywords.length) use(keywords);
  };
  return (
    <>
      <div className="mb-2 flex flex-wrap items-center gap-3">
        <input
          type="search"
          aria-label="Search keywords"
          placeholder="Search keywords"
          className="field-box !w-56"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
        <span className="flex items-center gap-2 text-[13px]">
          <span className="text-ink-2">of</span>
          <Select
            label="Look-up"
            className="!w-52"
            value={lookUp.id}
            onChange={onLookUp}
            options={lookUps.map((one) => ({ value: one.id, label: lookUpName(one) }))}
          />
        </span>
        <p role="status" className="figures text-[13px] text-ink-2">
          {view
            ? view.shown < view.total
              ? `${whole(view.shown)} of ${whole(view.total)}`
              : count(view.total, "keyword")
            : ""}
          {lookUp.standIn && (
            <strong className="ml-2 font-semibold text-ink">
              Figures: <Term id="standIn">stand-in</Term>
            </strong>
          )}
        </p>
        <Link className="quiet-link ml-auto text-[13px]" to={`/keywords/look-ups?post=${post.id}`}>
          Look up more
        </Link>
      </div>
      <Board
        question={question}
        state={state}
        label="Keywords"
        sort={sort}
        onSort={setSort}
        mode="table"
        narrow
        selection={selection}
        language={lookUp.language}
        region={lookUp.region}
        onDelete={() => {}}
        empty="No keyword of this look-up has these words. Type it on the left to use it anyway."
        actions={
          <>
            {selection.chosen.size === 1 && (
              <Button
                kind="primary"
                disabled={readOnly}
                onClick={() => attemptRead(take(([keyword]) => onTarget(keyword!)))}
              >
                Make it the target
              </Button>
            )}
            <Button disabled={readOnly} onClick={() => attemptRead(take(onSupporting))}>
              Add as supporting
            </Button>
          </>
        }
        idle={
          <p className="text-[13px] text-ink-2">
            Choose one keyword to make it the target, or several to support it. Enter opens one.
          </p>
        }
        detailActions={(detail) => (
          <div className="flex gap-2">
            <Button
              disabled={readOnly}
              onClick={() =>
                attemptRead(
                  workers.keywords
                    .chosen(question, Uint32Array.of(detail.place), lookUp.region)
                    .then(([keyword]) => keyword && onTarget(keyword)),
                )
              }
            >
              Make it the target
            </Button>
            <Button
              kind="quiet"
              disabled={readOnly}
              onClick={() =>
                attemptRead(
                  workers.keywords
                    .chosen(question, Uint32Array.of(detail.place), lookUp.region)
                    .then(onSupporting),
                )
              }
            >
              Support
            </Button>
          </div>
        )}
      />
    </>
  );
}
