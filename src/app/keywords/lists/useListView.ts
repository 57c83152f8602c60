/** One list as it is shown: how it is narrowed down and ordered, what is chosen in it, and what is done with that. */

import { useEffect, useState } from "react";
import { useNavigate } from "react-router";
import type { KeywordList } from "../../../core/keywords/list";
import { withTarget } from "../../../core/keywords/listChanges";
import { type Filter, noFilter, type SortKey } from "../../../core/keywords/sift";
import { changeList } from "../../../data/listChanges";
import { listName } from "../../../data/listOfPost";
import type { ListHead } from "../../../data/model";
import { createPost } from "../../posts/createPost";
import { attempt } from "../../store/attempt";
import { useDependencies } from "../../store/DependenciesContext";
import { useAppDispatch } from "../../store/hooks";
import { useAskOrTell } from "../../store/useAskOrTell";
import { attemptRead } from "../../ui/attemptRead";
import { downloadCsv } from "../../ui/download";
import { assignList, duplicateList, mergeInto, moveTo, now, putInList, splitOff, takeOut } from "../actions";
import { useBoard, useBoardQuestion } from "../board/useBoard";
import { useSelection } from "../board/useSelection";

export function useListView(list: KeywordList, lists: ListHead[]) {
  const { workers } = useDependencies();
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const [filter, setFilter] = useState<Filter>(noFilter);
  const [sort, setSort] = useState<SortKey[]>([]);
  const question = useBoardQuestion({ kind: "list", id: list.id }, filter, sort, list.updatedAt);
  const board = useBoard(question);
  const selection = useSelection(question);
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
  const change = (edit: (now: KeywordList) => KeywordList) =>
    void attempt(() => changeList(list.id, edit, now()));

  const actions = {
    rename: (name: string) => change((before) => ({ ...before, name })),
    makeTarget: (text: string) => change((before) => withTarget(before, text)),
    note: (text: string, note: string) =>
      change((before) => ({
        ...before,
        keywords: before.keywords.map((keyword) => (keyword.text === text ? { ...keyword, note } : keyword)),
      })),
    merge: (id: string) => {
      const other = lists.find((one) => one.id === id);
      if (other) void mergeInto(list.id, other);
    },
    duplicate: async () => {
      const copy = await duplicateList(list);
      if (copy) await navigate(`/keywords/lists/${copy}`);
    },
    exportCsv: () =>
      attemptRead(
        workers.keywords.csv(question, null).then((csv) => downloadCsv(csv, `list ${listName(list)}`)),
      ),
    startPost: async () => {
      const id = await dispatch(createPost());
      if (await assignList(list.id, id)) await navigate(`/post/${id}/find`);
    },
    moveChosen: (id: string) => void moveTo(list, id, chosenTexts()),
    splitChosen: (name: string) => void splitOff(list, name, chosenTexts()),
    copyChosen: (id: string) => {
      const chosen = new Set(chosenTexts());
      void putInList(
        id,
        list.keywords.filter(({ text }) => chosen.has(text)),
      );
    },
    removeChosen: () => void takeOut(list, chosenTexts()),
  };
  return { question, board, selection, chosenTexts, filter, setFilter, sort, setSort, overlaps, actions };
}
