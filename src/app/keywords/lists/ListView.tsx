/** One list: its post, its target, what it shares with others, and its keywords in the same table as a look-up's. */

import { useDraggable } from "@dnd-kit/core";
import { ClipboardPaste, Copy, Download, Trash2 } from "lucide-react";
import { type ReactNode, useEffect, useState } from "react";
import { Link, useNavigate } from "react-router";
import { identity, type KeywordList, withTarget } from "../../../core/keywords/list";
import { type Filter, noFilter, type SortKey } from "../../../core/keywords/sift";
import { listName } from "../../../data/listOfPost";
import { changeList } from "../../../data/lists";
import type { ListHead, Post } from "../../../data/model";
import type { BoardRow } from "../../../workers/keywordBoard";
import { createPost } from "../../posts/createPost";
import { useDependencies } from "../../store/DependenciesContext";
import { useAppDispatch } from "../../store/hooks";
import { useAskOrTell } from "../../store/useAskOrTell";
import { attemptRead } from "../../ui/attemptRead";
import { Button } from "../../ui/Button";
import { downloadCsv } from "../../ui/download";
import { count, whole } from "../../ui/figures";
import {
  assignList,
  attempt,
  duplicateList,
  mergeInto,
  moveTo,
  now,
  putInList,
  removeList,
  splitOff,
  takeOut,
} from "../actions";
import { Board } from "../board/Board";
import { useBoard, useBoardQuestion } from "../board/useBoard";
import { useSelection } from "../board/useSelection";
import { ListPicker } from "./ListPicker";
import { NoteField } from "./NoteField";
import { OverlapPanel } from "./OverlapPanel";
import { PasteSheet } from "./PasteSheet";
import { PostPicker } from "./PostPicker";

export function ListView({
  list,
  lists,
  posts,
}: {
  list: KeywordList;
  lists: ListHead[];
  posts: Record<string, Post>;
}) {
  const { workers } = useDependencies();
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const [filter, setFilter] = useState<Filter>(noFilter);
  const [sort, setSort] = useState<SortKey[]>([]);
  const [pasting, setPasting] = useState(false);
  const question = useBoardQuestion({ kind: "list", id: list.id }, filter, sort, list.updatedAt);
  const selection = useSelection(question);
  const state = useBoard(question);
  const post = list.postId ? posts[list.postId] : undefined;
  const region = list.keywords.find((keyword) => keyword.region)?.region ?? "";
  const { clear } = selection;
  // Places in the table move when the list changes.
  const texts = list.keywords.map(({ text }) => text).join("\n");
  // biome-ignore lint/correctness/useExhaustiveDependencies: what was chosen is chosen of the keywords as they were
  useEffect(clear, [texts]);
  // Any other list may have changed.
  const overlaps = useAskOrTell(() => workers.keywords.overlapOf(list.id), [list, lists], {
    otherwise: null,
  });

  const chosenTexts = () =>
    [...selection.chosen].sort((a, b) => a - b).flatMap((place) => list.keywords[place]?.text ?? []);
  const change = (edit: (now: KeywordList) => KeywordList) => attempt(() => changeList(list.id, edit, now()));
  const makeTarget = (text: string) => void change((before) => withTarget(before, text));
  const summed = list.keywords.reduce((sum, { searches }) => sum + (searches ?? 0), 0);
  const unknown = list.keywords.filter(({ searches }) => searches === null).length;
  const copyOf = async () => {
    const made = await duplicateList(list);
    if (made) void navigate(`/keywords/lists/${made}`);
  };
  const newPost = async () => {
    const id = await dispatch(createPost());
    if (await assignList(list.id, id)) void navigate(`/post/${id}/find`);
  };
  const exportCsv = async () =>
    downloadCsv(await workers.keywords.csv(question, null), `list ${listName(list)}`);
  const other = (id: string) => lists.find((one) => one.id === id);

  return (
    <section aria-label={`List ${listName(list)}`} className="flex min-w-0 flex-1 flex-col">
      <div className="mb-2 flex flex-wrap items-center gap-2">
        <NameField
          key={`${list.id} ${listName(list)}`}
          name={listName(list)}
          onName={(name) => void change((before) => ({ ...before, name }))}
        />
        <div className="ml-auto flex flex-wrap gap-2">
          <Button onClick={() => setPasting(true)}>
            <ClipboardPaste size={15} aria-hidden="true" /> Paste keywords
          </Button>
          <ListPicker
            trigger={<Button>Merge in</Button>}
            label="Merge another list into this one"
            without={list.id}
            onList={(id) => {
              const merged = other(id);
              if (merged) void mergeInto(list.id, merged);
            }}
          />
          <Button onClick={() => void copyOf()}>
            <Copy size={15} aria-hidden="true" /> Duplicate
          </Button>
          <Button aria-label="List as CSV" onClick={() => attemptRead(exportCsv())}>
            <Download size={15} aria-hidden="true" /> CSV
          </Button>
          <Button aria-label="Delete the list" onClick={() => void removeList(list)}>
            <Trash2 size={15} aria-hidden="true" /> Delete
          </Button>
        </div>
      </div>
      <div className="mb-2 flex flex-wrap items-center gap-x-5 gap-y-1 text-[13px]">
        <p className="figures text-ink-2">
          {count(list.keywords.length, "keyword")} · {whole(summed)} searches a month
          {unknown > 0 && `, ${unknown} unknown`}
          {list.keywords.some(({ standIn }) => standIn) && (
            <strong className="ml-2 font-semibold text-ink">Figures: stand-in</strong>
          )}
        </p>
        <div className="flex items-center gap-2">
          <span className="text-ink-2">For</span>
          <PostPicker list={list} posts={posts} onPost={(id) => void assignList(list.id, id)} />
          {post ? (
            <Link className="quiet-link" to={`/post/${post.id}/find`}>
              Open the post
            </Link>
          ) : (
            <Button disabled={!list.keywords.length} onClick={() => void newPost()}>
              New post from this list
            </Button>
          )}
        </div>
      </div>
      {overlaps && <OverlapPanel overlaps={overlaps} posts={posts} target={list.target} />}
      <Board
        question={question}
        state={state}
        label={`Keywords of ${listName(list)}`}
        sort={sort}
        onSort={setSort}
        mode="table"
        selection={selection}
        language={list.language}
        region={region}
        target={list.target}
        onDelete={() => void takeOut(list, chosenTexts())}
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
              <Button onClick={() => makeTarget(detail.text)}>Make it the target</Button>
            )}
            <NoteField
              key={detail.text}
              note={list.keywords.find(({ text }) => text === detail.text)?.note ?? ""}
              onNote={(note) =>
                void change((before) => ({
                  ...before,
                  keywords: before.keywords.map((keyword) =>
                    keyword.text === detail.text ? { ...keyword, note } : keyword,
                  ),
                }))
              }
            />
          </>
        )}
        actions={
          <>
            {selection.chosen.size === 1 && (
              <Button kind="primary" onClick={() => makeTarget(chosenTexts()[0]!)}>
                Make it the target
              </Button>
            )}
            <ListPicker
              trigger={<Button>Move to</Button>}
              label="Move the chosen keywords to a list"
              without={list.id}
              newName={chosenTexts()[0] ?? ""}
              onList={(id) => void moveTo(list, id, chosenTexts())}
              onNew={(name) => void splitOff(list, name, chosenTexts())}
            />
            <ListPicker
              trigger={<Button>Copy to</Button>}
              label="Copy the chosen keywords to a list"
              without={list.id}
              onList={(id) => {
                const wanted = new Set(chosenTexts());
                void putInList(
                  id,
                  list.keywords.filter(({ text }) => wanted.has(text)),
                );
              }}
            />
            <Button onClick={() => void takeOut(list, chosenTexts())}>Remove</Button>
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

function NameField({ name, onName }: { name: string; onName: (name: string) => void }) {
  const [typed, setTyped] = useState(name);
  const keep = () => {
    const clean = typed.replace(/\s+/g, " ").trim();
    if (clean && clean !== name) onName(clean);
    else setTyped(name);
  };
  return (
    <input
      aria-label="Name of the list"
      className="line-field !w-72 font-serif text-xl"
      value={typed}
      maxLength={120}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        if (event.key === "Enter") event.currentTarget.blur();
        if (event.key === "Escape") setTyped(name);
      }}
    />
  );
}
