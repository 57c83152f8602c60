/** Keyword lists: one a post. The target is one of the keywords or none. */
import { foldPlain } from "../text/fold";
import { bareKeyword } from "./keyword";
import type { KeywordList, ListKeyword } from "./shapes";

export type { KeywordList, ListKeyword } from "./shapes";

/** A keyword of a list whose numbers nobody knows. */
export const bareListKeyword = (text: string): ListKeyword => ({
  ...bareKeyword(text),
  region: "",
  note: "",
});

/** Two keywords of a list are one where their folded texts are equal; those that only share stems stay apart, and are shown as such. */
export const sameKeyword = (a: string, b: string): boolean => identity(a) === identity(b);
/** Folded text; keywords of signs only ("c++" has a letter, "++" has not) are known by how they are written. */
export const identity = (text: string): string => foldPlain(text) || text.trim().toLowerCase();

/** Makes a list say what its post says: the post's target and supporting keywords, with the numbers and notes that the list knows. */
export function followPost(list: KeywordList, target: string, supporting: readonly string[]): KeywordList {
  const byIdentity = new Map(list.keywords.map((keyword) => [identity(keyword.text), keyword]));
  const keywords = new Map<string, ListKeyword>();
  for (const text of [target, ...supporting]) {
    const key = identity(text);
    if (key && !keywords.has(key))
      keywords.set(key, { ...(byIdentity.get(key) ?? bareListKeyword(text)), text });
  }
  return { ...list, target: target.trim() ? target : "", keywords: [...keywords.values()] };
}
