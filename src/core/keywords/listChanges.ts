/** What is done with keyword lists. All functions are pure: they return a new list. */
import { fillUnknown } from "./keyword";
import { identity, type KeywordList, type ListKeyword, sameKeyword } from "./list";

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
