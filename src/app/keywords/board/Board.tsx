/** One set of keywords on screen: filters, the table, groups or map, one keyword's detail, and the tray of what is chosen. */
import { type ReactNode, useState } from "react";
import type { SortKey } from "../../../core/keywords/sift";
import type { BoardQuestion } from "../../../workers/boards";
import type { BoardGroup, BoardRow, KeywordDetail } from "../../../workers/keywordBoard";
import type { BoardMode } from "../../store/researchSlice";
import { Notice } from "../../ui/Notice";
import { lazyPart } from "../../ui/part";
import { Detail } from "./Detail";
import { Groups } from "./Groups";
import { KeywordGrid } from "./KeywordGrid";
import { Tray } from "./Tray";
import type { BoardState } from "./useBoard";
import type { Selection } from "./useSelection";

const KeywordMap = lazyPart(
  "The map",
  async () => (await import("./KeywordMap")).default,
  <p className="p-4 text-ink-2">Drawing the map …</p>,
);

interface Props {
  question: BoardQuestion;
  state: BoardState;
  label: string;
  sort: SortKey[];
  onSort: (sort: SortKey[]) => void;
  mode: BoardMode;
  selection: Selection;
  language: string;
  region: string;
  filters?: ReactNode;
  /** What can be done with the chosen keywords, and with one in its detail. */
  actions: ReactNode;
  idle: ReactNode;
  detailActions?: (detail: KeywordDetail) => ReactNode;
  onDelete: () => void;
  onGroupList?: (group: BoardGroup) => void;
  target?: string;
  wrapRow?: (row: BoardRow, children: ReactNode) => ReactNode;
  empty: ReactNode;
  autoFocus?: boolean;
  /** Leaves out what can be looked up in the detail. */
  narrow?: boolean;
}

export function Board(props: Props) {
  const { question, state, label, sort, onSort, mode, selection, language, region, target } = props;
  const { source } = question;
  const [detail, setDetail] = useState<{ of: string; text: string } | null>(null);
  const key = `${source.kind} ${source.id}`;
  const shown = detail?.of === key ? detail.text : null;
  if (state.state === "failed")
    return (
      <Notice title="The keywords could not be read">
        <p>{state.message}. Saved work is unchanged; open this screen again.</p>
      </Notice>
    );
  if (state.state === "gone")
    return <p className="border border-rule bg-sheet p-6">This is no longer in the workspace.</p>;
  const open = state.state === "open" ? state : null;
  return (
    <div className="flex min-h-0 flex-1 gap-5 small:flex-col small:gap-2">
      {props.filters}
      <div className="flex min-w-0 flex-1 flex-col">
        <div className="flex h-[calc(100vh-300px)] min-h-[360px] gap-3 small:flex-col short:min-h-[240px]">
          {open ? (
            mode === "groups" ? (
              <Groups
                question={open.question}
                revision={open.revision}
                selection={selection}
                onList={props.onGroupList ?? (() => {})}
              />
            ) : mode === "map" ? (
              <KeywordMap
                question={open.question}
                revision={open.revision}
                selection={selection}
                shown={open.view.shown}
              />
            ) : (
              <KeywordGrid
                question={open.question}
                label={label}
                shown={open.view.shown}
                revision={open.revision}
                sort={sort}
                onSort={onSort}
                selection={selection}
                narrow={props.narrow === true || shown !== null}
                onOpen={(text) => setDetail({ of: key, text })}
                onEscape={() => {
                  setDetail(null);
                  return shown !== null;
                }}
                onDelete={props.onDelete}
                ownList={source.kind === "list" ? source.id : ""}
                {...(target !== undefined && { target })}
                {...(props.wrapRow && { wrapRow: props.wrapRow })}
                empty={props.empty}
                autoFocus={props.autoFocus ?? false}
              />
            )
          ) : (
            <Skeleton />
          )}
          {open && shown !== null && (
            <Detail
              question={open.question}
              text={shown}
              revision={open.revision}
              region={region}
              onClose={() => setDetail(null)}
            >
              {props.detailActions}
            </Detail>
          )}
        </div>
        <Tray
          question={question}
          selection={selection}
          language={language}
          withoutList={source.kind === "list" ? source.id : ""}
          idle={props.idle}
        >
          {props.actions}
        </Tray>
      </div>
    </div>
  );
}

function Skeleton() {
  return (
    <div role="status" className="flex-1 border border-rule bg-sheet p-3">
      <span className="sr-only">Opening the keywords …</span>
      {Array.from({ length: 10 }, (_, i) => (
        <span
          key={i}
          aria-hidden="true"
          className="mb-4 block h-3 bg-rule"
          style={{ width: `${70 - i * 4}%` }}
        />
      ))}
    </div>
  );
}
