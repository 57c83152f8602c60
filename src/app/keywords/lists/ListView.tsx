/** One list: its post, its target, what it shares with others, and its keywords in the same table as a look-up's. */

import { useDraggable } from "@dnd-kit/core";
import { type ReactNode, useState } from "react";
import { identity, type KeywordList } from "../../../core/keywords/list";
import { noFilter } from "../../../core/keywords/sift";
import { listName } from "../../../data/listOfPost";
import type { ListHead, Post } from "../../../data/model";
import type { BoardRow } from "../../../workers/keywordBoard";
import { Button } from "../../ui/Button";
import { Board } from "../board/Board";
import { ListPicker } from "./ListPicker";
import { ListTop } from "./ListTop";
import { NoteField } from "./NoteField";
import { OverlapPanel } from "./OverlapPanel";
import { PasteSheet } from "./PasteSheet";
import { useListView } from "./useListView";

interface Props {
  list: KeywordList;
  lists: ListHead[];
  posts: Record<string, Post>;
}

export function ListView({ list, lists, posts }: Props) {
  const view = useListView(list, lists);
  const { question, board, selection, chosenTexts, filter, setFilter, sort, setSort, overlaps, actions } =
    view;
  const [pasting, setPasting] = useState(false);
  const region = list.keywords.find((keyword) => keyword.region)?.region ?? "";
  return (
    <section aria-label={`List ${listName(list)}`} className="flex min-w-0 flex-1 flex-col">
      <ListTop list={list} posts={posts} actions={actions} onPaste={() => setPasting(true)} />
      {overlaps && <OverlapPanel overlaps={overlaps} posts={posts} target={list.target} />}
      <Board
        question={question}
        state={board}
        label={`Keywords of ${listName(list)}`}
        sort={sort}
        onSort={setSort}
        mode="table"
        selection={selection}
        language={list.language}
        region={region}
        target={list.target}
        onDelete={actions.removeChosen}
        wrapRow={(row, children) => (
          <Dragged row={row} chosen={selection.chosen.has(row.place) ? chosenTexts() : [row.text]}>
            {children}
          </Dragged>
        )}
        empty={
          list.keywords.length ? (
            <>
              No keyword of this list has these words.{" "}
              <button type="button" className="quiet-link" onClick={() => setFilter(noFilter)}>
                Clear the search
              </button>
            </>
          ) : (
            "This list is empty. Paste a column of keywords, or add some from a look-up."
          )
        }
        detailActions={(detail) => (
          <>
            {identity(detail.text) === identity(list.target) ? (
              <p className="font-semibold text-proof">The target of this list</p>
            ) : (
              <Button onClick={() => actions.makeTarget(detail.text)}>Make it the target</Button>
            )}
            <NoteField
              key={detail.text}
              note={list.keywords.find(({ text }) => text === detail.text)?.note ?? ""}
              onNote={(note) => actions.note(detail.text, note)}
            />
          </>
        )}
        actions={
          <>
            {selection.chosen.size === 1 && (
              <Button kind="primary" onClick={() => actions.makeTarget(chosenTexts()[0]!)}>
                Make it the target
              </Button>
            )}
            <ListPicker
              trigger={<Button>Move to</Button>}
              label="Move the chosen keywords to a list"
              without={list.id}
              newName={chosenTexts()[0] ?? ""}
              onList={actions.moveChosen}
              onNew={actions.splitChosen}
            />
            <ListPicker
              trigger={<Button>Copy to</Button>}
              label="Copy the chosen keywords to a list"
              without={list.id}
              onList={actions.copyChosen}
            />
            <Button onClick={actions.removeChosen}>Remove</Button>
          </>
        }
        idle={
          <>
            <p className="flex-1 text-[13px] text-ink-2">
              Choose keywords to make one the target, to move them, or to split them off; or drag them to a
              list.
            </p>
            <label className="flex items-center gap-2 text-[13px]">
              <span className="text-ink-2">Contains</span>
              <input
                type="search"
                className="field-box !w-40"
                value={filter.contains}
                onChange={(event) => setFilter({ ...filter, contains: event.target.value })}
              />
            </label>
          </>
        }
      />
      {pasting && <PasteSheet list={list} region={region} onClose={() => setPasting(false)} />}
    </section>
  );
}

function Dragged({ row, chosen, children }: { row: BoardRow; chosen: string[]; children: ReactNode }) {
  const { setNodeRef, listeners } = useDraggable({ id: row.text, data: { texts: chosen } });
  return (
    <div ref={setNodeRef} {...listeners} className="contents">
      {children}
    </div>
  );
}
