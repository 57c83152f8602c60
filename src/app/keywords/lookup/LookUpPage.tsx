/** Looking up: broad words in, keywords out, sifted down to what goes into a list. */

import { Download, FileUp } from "lucide-react";
import { useCallback, useEffect, useState } from "react";
import { Link, useLocation, useNavigate, useParams, useSearchParams } from "react-router";
import type { LookUp } from "../../../data/model";
import type { BoardGroup } from "../../../workers/keywordBoard";
import { useDependencies } from "../../store/DependenciesContext";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { type BoardMode, filterCleared, modeChosen, sortChanged } from "../../store/researchSlice";
import { selectLists } from "../../store/selectors";
import { useResearch } from "../../store/useResearch";
import { attemptRead } from "../../ui/attemptRead";
import { Button } from "../../ui/Button";
import { day } from "../../ui/dates";
import { downloadCsv } from "../../ui/download";
import { Failed } from "../../ui/Failed";
import { count, whole } from "../../ui/figures";
import { lazyPart } from "../../ui/part";
import { Segments } from "../../ui/Segments";
import { Term } from "../../ui/Term";
import { Tooltip } from "../../ui/Tooltip";
import { toast } from "../../ui/toast";
import { hide, makeList, putInList, setHidden } from "../actions";
import { Board } from "../board/Board";
import { Filters } from "../board/Filters";
import { useBoard, useLookUpQuestion } from "../board/useBoard";
import { useSelection } from "../board/useSelection";
import { ListPicker } from "../lists/ListPicker";
import { Articles } from "./Articles";
import { EarlierLookUps, lookUpName } from "./EarlierLookUps";
import { JobLine } from "./JobLine";
import { SeedBar } from "./SeedBar";
import { useLookUpJob } from "./useLookUpJob";
import { useLookUps } from "./useLookUps";
import { useRegions } from "./useRegions";

const MODES: Record<BoardMode, string> = { table: "Table", groups: "Groups", map: "Map" };

const ImportSheet = lazyPart("The sheet", async () => (await import("../importing/ImportSheet")).ImportSheet);
const HiddenSheet = lazyPart("The sheet", async () => (await import("./HiddenSheet")).HiddenSheet);

export function LookUpPage() {
  const reading = useLookUps();
  const { id } = useParams();
  const [params] = useSearchParams();
  const search = params.toString() ? `?${params}` : "";
  const navigate = useNavigate();
  const { lookUps, read } = useResearch("lookUps", "read");
  const current = id ? lookUps.find((lookUp) => lookUp.id === id) : lookUps[0];
  const { failure, retry } = useRegions();
  const location = useLocation();
  const [importing, setImporting] = useState(
    (location.state as { importing?: boolean } | null)?.importing === true,
  );
  const [fresh, setFresh] = useState<string | null>(null);
  const job = useLookUpJob(current, (lookUp) => {
    setFresh(lookUp);
    void navigate(`/keywords/look-ups/${lookUp}${search}`);
  });
  useEffect(() => {
    document.title = "Keywords · Dune Sparrow";
  }, []);
  return (
    <>
      <div className="mb-2 flex flex-wrap items-end gap-3">
        <SeedBar current={current} busy={job.job.state === "asking"} onAsk={job.ask} />
        <div className="ml-auto flex items-end gap-2">
          <Button onClick={() => setImporting(true)}>
            <FileUp size={15} aria-hidden="true" /> Import a file
          </Button>
          <EarlierLookUps search={search} current={current} />
        </div>
      </div>
      {failure && job.job.state === "idle" && (
        <p role="alert" className="mb-2 border-l-2 border-plum bg-plum-wash px-3 py-1.5 text-plum">
          {failure} Your earlier look-ups are still here, and you can import files.{" "}
          <button type="button" className="underline" onClick={retry}>
            Try again
          </button>
          {" or "}
          <Link className="underline" to="/settings#connections">
            look at the connection
          </Link>
          .
        </p>
      )}
      <JobLine job={job.job} onCancel={job.cancel} onRetry={job.ask} onDismiss={job.dismiss} />
      {reading.failure !== null ? (
        <Failed what="The look-ups could not be read" why={reading.failure} onRetry={reading.retry} />
      ) : current ? (
        <LookUpBoard key={current.id} lookUp={current} fresh={fresh === current.id} />
      ) : read ? (
        <NoLookUp missing={Boolean(id)} onFile={() => setImporting(true)} />
      ) : (
        <p role="status" className="p-6 text-ink-2">
          Reading the look-ups …
        </p>
      )}
      {importing && (
        <ImportSheet
          onClose={() => setImporting(false)}
          onDone={(lookUp) => {
            setImporting(false);
            setFresh(lookUp);
            void navigate(`/keywords/look-ups/${lookUp}${search}`);
          }}
        />
      )}
    </>
  );
}

function NoLookUp({ missing, onFile }: { missing: boolean; onFile: () => void }) {
  return (
    <div className="border border-rule bg-sheet p-8">
      <h2 className="font-serif text-xl">
        {missing ? "This look-up is no longer here" : "Nothing has been looked up yet"}
      </h2>
      <p className="mt-1 max-w-2xl text-ink-2">
        Type a broad word of your trade above and look it up: ideas come with searches a month, difficulty and
        intent, and you keep the good ones in a list, one list a post. If you have a keyword file from another
        tool, bring that in instead.
      </p>
      <Button className="mt-4" onClick={onFile}>
        Import a file
      </Button>
    </div>
  );
}

function LookUpBoard({ lookUp, fresh }: { lookUp: LookUp; fresh: boolean }) {
  const { workers } = useDependencies();
  const { filter, sort, mode } = useResearch("filter", "sort", "mode");
  const hidden = useAppSelector((state) => state.session.hidden);
  const lists = useAppSelector(selectLists);
  const [params] = useSearchParams();
  const navigate = useNavigate();
  const dispatch = useAppDispatch();
  const [tab, setTab] = useState<"keywords" | "articles">("keywords");
  const [showHidden, setShowHidden] = useState(false);
  const question = useLookUpQuestion(lookUp, filter, sort);
  const selection = useSelection(question);
  const state = useBoard(question);
  const view = state.state === "open" ? state.view : null;
  const articles = state.state === "open" ? state.opened.articles : [];
  const postList = lists.find(({ postId }) => postId !== null && postId === params.get("post"));

  const chosen = useCallback(
    (places?: number[]) =>
      workers.keywords.chosen(question, Uint32Array.from(places ?? selection.chosen), lookUp.region),
    [question, selection.chosen, lookUp.region, workers],
  );
  const putIn = async (listId: string) => {
    await putInList(listId, await chosen());
    selection.clear();
  };
  const makeOf = async (name: string, places?: number[]) => {
    const keywords = await chosen(places);
    const id = await makeList(name, lookUp.language, keywords);
    if (!id) return;
    if (!places) selection.clear();
    toast(`The list “${name}” has ${count(keywords.length, "keyword")}.`, {
      action: { label: "Open the list", onClick: () => void navigate(`/keywords/lists/${id}`) },
    });
  };
  const hideChosen = async () => {
    const texts = (await chosen()).map(({ text }) => text);
    selection.clear();
    await dispatch(hide(texts));
  };
  const exportCsv = async (places: Uint32Array | null) =>
    downloadCsv(await workers.keywords.csv(question, places), `keywords ${lookUpName(lookUp)}`);

  return (
    <>
      <div className="mb-2 flex flex-wrap items-center gap-x-4 gap-y-1 mid:flex-nowrap">
        <Tooltip says={lookUpName(lookUp)} whenCut>
          <h2 className="min-w-24 max-w-[24rem] truncate font-serif text-lg">{lookUpName(lookUp)}</h2>
        </Tooltip>
        <p role="status" className="figures min-w-0 truncate text-[13px] text-ink-2">
          {[
            view && view.shown < view.total
              ? `${whole(view.shown)} of ${whole(view.total)} keywords`
              : count(lookUp.count, "keyword"),
            lookUp.regionName,
            day(lookUp.madeAt),
          ]
            .filter(Boolean)
            .join(" · ")}
        </p>
        {lookUp.standIn && (
          <strong className="shrink-0 text-[13px] font-semibold">
            Figures: <Term id="standIn">stand-in</Term>
          </strong>
        )}
        <div className="ml-auto flex shrink-0 items-center gap-4 small:shrink small:flex-wrap small:gap-2">
          <Segments
            label="Shown"
            options={{ keywords: "Keywords", articles: `Articles on the subject (${articles.length})` }}
            value={tab}
            onChange={setTab}
          />
          {tab === "keywords" && (
            <Segments<BoardMode>
              label="As"
              options={MODES}
              value={mode}
              onChange={(next) => dispatch(modeChosen(next))}
            />
          )}
        </div>
      </div>
      {tab === "articles" ? (
        <>
          <Articles lookUpId={lookUp.id} articles={articles} selection={selection} />
          <p role="status" className="mt-2 text-[13px] text-ink-2">
            {count(selection.chosen.size, "keyword")} chosen. They wait in the table.
          </p>
        </>
      ) : (
        <Board
          question={question}
          state={state}
          label="Keywords of the look-up"
          sort={sort}
          onSort={(next) => dispatch(sortChanged(next))}
          mode={mode}
          selection={selection}
          language={lookUp.language}
          region={lookUp.region}
          autoFocus={fresh}
          filters={<Filters view={view} onShowHidden={() => setShowHidden(true)} />}
          onDelete={() => attemptRead(hideChosen())}
          onGroupList={(group: BoardGroup) => attemptRead(makeOf(group.head, group.members))}
          empty={
            <>
              No keyword of this look-up passes the filters.{" "}
              <button type="button" className="quiet-link" onClick={() => dispatch(filterCleared())}>
                Clear the filters
              </button>
            </>
          }
          actions={
            <>
              <ListPicker
                trigger={<Button kind="primary">Add to list</Button>}
                label="Add the chosen keywords to a list"
                first={postList?.id}
                newName={lookUp.seeds[0] ?? "New list"}
                onList={(listId) => attemptRead(putIn(listId))}
                onNew={(name) => attemptRead(makeOf(name))}
              />
              <Button onClick={() => attemptRead(hideChosen())}>Hide for this site</Button>
              <Button onClick={() => attemptRead(exportCsv(Uint32Array.from(selection.chosen)))}>
                <Download size={15} aria-hidden="true" /> CSV
              </Button>
            </>
          }
          idle={
            <>
              <p className="flex-1 text-[13px] text-ink-2">
                Choose keywords with a click or Space: their total and what they share with your lists appear
                here.
              </p>
              <Button kind="quiet" disabled={!view?.shown} onClick={selection.all}>
                Choose all shown
              </Button>
              <Button kind="quiet" disabled={!view?.shown} onClick={() => attemptRead(exportCsv(null))}>
                <Download size={15} aria-hidden="true" /> Shown as CSV
              </Button>
            </>
          }
        />
      )}
      {showHidden && (
        <HiddenSheet
          hidden={hidden}
          onShow={(texts) => void dispatch(setHidden(hidden.filter((text) => !texts.includes(text))))}
          onClose={() => setShowHidden(false)}
        />
      )}
    </>
  );
}
