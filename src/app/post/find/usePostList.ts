/** The list of the open post: what the post says of its keywords, with the numbers that its list knows. */
import { useMemo } from "react";
import { followPost, identity, type KeywordList, type ListKeyword } from "../../../core/keywords/list";
import { withKeywords } from "../../../core/keywords/listChanges";
import { saveList } from "../../../data/listChanges";
import { listOfPost } from "../../../data/listOfPost";
import type { Post } from "../../../data/model";
import { getListOfPost } from "../../../data/wholeLists";
import { now } from "../../keywords/actions";
import { attempt } from "../../store/attempt";
import { useAppDispatch } from "../../store/hooks";
import { postEdited } from "../../store/openPostSlice";
import { useLive } from "../../store/useLive";

export interface PostList {
  /** Undefined while it is read. */
  list: KeywordList | undefined;
  target: ListKeyword | undefined;
  supporting: ListKeyword[];
  /** Makes a keyword the target; the one before becomes supporting. */
  setTarget(keyword: ListKeyword): void;
  addSupporting(keywords: ListKeyword[]): void;
  remove(text: string): void;
}

export function usePostList(post: Post): PostList {
  const dispatch = useAppDispatch();
  const { id, keyword, supporting } = post;
  const read = useLive(async () => (await getListOfPost(id)) ?? null, [id]);
  const kept = read.state === "ready" ? read.value : undefined;
  // What was just typed may not be kept yet: the post in session says what the list is.
  const list = useMemo(
    () => (kept === undefined ? undefined : followPost(kept ?? listOfPost(post), keyword, supporting)),
    [kept, post, keyword, supporting],
  );
  const write = (rows: ListKeyword[], target: string, others: string[]) => {
    dispatch(postEdited({ keyword: target, supporting: others }));
    if (list) void attempt(() => saveList(followPost(withKeywords(list, rows), target, others), now()));
  };
  const without = (text: string) => supporting.filter((other) => identity(other) !== identity(text));
  return {
    list,
    target: list?.keywords.find(({ text }) => text === keyword),
    supporting: list?.keywords.filter(({ text }) => text !== keyword) ?? [],
    setTarget: (row) => {
      const others = without(row.text);
      write(
        [row],
        row.text,
        keyword && identity(keyword) !== identity(row.text) ? [keyword, ...others] : others,
      );
    },
    addSupporting: (rows) => {
      const had = new Set([keyword, ...supporting].map(identity));
      const added = rows.filter(({ text }) => !had.has(identity(text)));
      write(rows, keyword, [...supporting, ...added.map(({ text }) => text)]);
    },
    remove: (text) => write([], keyword, without(text)),
  };
}
