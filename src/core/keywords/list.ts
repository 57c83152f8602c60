/** Keyword lists: one a post. All functions are pure; the target is one of the keywords or none. */
import { foldPlain } from "../text/fold";
import { bareKeyword, fillUnknown } from "./keyword";
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

/** Adds keywords that the list has not; those it has only gain numbers they lacked. */
export function withKeywords(list: KeywordList, added: readonly ListKeyword[]): KeywordList {
  const keywords = new Map(list.keywords.map((keyword) => [identity(keyword.text), keyword]));
  for (const keyword of added) {
    const key = identity(keyword.text);
    if (!key) continue;
    const earlier = keywords.get(key);
    keywords.set(key, earlier ? filledFrom(earlier, keyword) : keyword);
  }
  return { ...list, keywords: [...keywords.values()] };
}

function filledFrom(own: ListKeyword, more: ListKeyword): ListKeyword {
  const filled = fillUnknown(own, more);
  return {
    ...filled,
    region: own.region || (filled === own ? "" : more.region),
    note: [...new Set([own.note, more.note])].filter(Boolean).join("\n"),
  };
}

/** Takes keywords out; a target that is taken out leaves the list without one. */
export function withoutKeywords(list: KeywordList, texts: readonly string[]): KeywordList {
  const out = new Set(texts.map(identity));
  return {
    ...list,
    target: out.has(identity(list.target)) ? "" : list.target,
    keywords: list.keywords.filter(({ text }) => !out.has(identity(text))),
  };
}

/** Makes one of the keywords the target; it moves to the front. A text that is not in the list changes nothing. */
export function withTarget(list: KeywordList, text: string): KeywordList {
  const match = list.keywords.find((keyword) => sameKeyword(keyword.text, text));
  if (!match) return list;
  return {
    ...list,
    target: match.text,
    keywords: [match, ...list.keywords.filter((keyword) => keyword !== match)],
  };
}

/** Everything of both in the first; its target and post stay. */
export const merged = (list: KeywordList, other: KeywordList): KeywordList =>
  withKeywords(list.target ? list : { ...list, target: other.target }, other.keywords);

/** Parts a list in two: what stays, and the keywords that leave, as a list's beginning. */
export function split(
  list: KeywordList,
  texts: readonly string[],
): { stays: KeywordList; leaves: ListKeyword[] } {
  const out = new Set(texts.map(identity));
  return {
    stays: withoutKeywords(list, texts),
    leaves: list.keywords.filter(({ text }) => out.has(identity(text))),
  };
}

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
