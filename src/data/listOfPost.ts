/** Between a post's keywords and its list: the two always say the same. */
import { bareKeyword, type KeywordRow } from "../core/keywords/keyword";
import { followPost, identity, type KeywordList, type ListKeyword } from "../core/keywords/list";
import type { ListHead, Post } from "./model";

const ownListId = (postId: string): string => `list-${postId}`;

/** Is it the list that was made of the post's own keywords, and that nobody gave a name? */
export const isOwnList = ({ id, name }: Pick<ListHead, "id" | "name">, postId: string): boolean =>
  id === ownListId(postId) && !name;

/** The list that a post without one gets, with the numbers that are known. */
export function listOfPost(
  post: Pick<Post, "id" | "language" | "keyword" | "supporting" | "createdAt" | "updatedAt">,
  lookedUp: readonly KeywordRow[] = [],
): KeywordList {
  const rows = new Map(lookedUp.map((row) => [identity(row.text), row]));
  const list: KeywordList = {
    id: ownListId(post.id),
    name: "",
    postId: post.id,
    language: post.language,
    target: "",
    keywords: [post.keyword, ...post.supporting]
      .filter((text) => text.trim())
      .map(
        (text): ListKeyword => ({
          ...(rows.get(identity(text)) ?? bareKeyword(text)),
          text,
          region: "",
          note: "",
        }),
      ),
    createdAt: post.createdAt,
    updatedAt: post.updatedAt,
  };
  return followPost(list, post.keyword, post.supporting);
}

/** What a post says of its keywords, by its list. */
export function keywordsForPost(list: KeywordList): Pick<Post, "keyword" | "supporting"> {
  return {
    keyword: list.target,
    supporting: list.keywords.map(({ text }) => text).filter((text) => text !== list.target),
  };
}

export function headOf({ keywords, ...list }: KeywordList): ListHead {
  return {
    ...list,
    count: keywords.length,
    searches: keywords.reduce((sum, { searches }) => sum + (searches ?? 0), 0),
  };
}

/** What a list is called: by its name, else by its target, else by its first keyword. */
export const listName = (list: Pick<ListHead, "name" | "target">): string =>
  list.name || list.target || "Untitled list";
