/** Fragment ids of headings, made as Markdown renderers commonly do. */
import GithubSlugger from "github-slugger";
import type { Block } from "./draft";

/** Ids for the headings of a draft in order, each unique; keyed by the heading's place among the blocks. */
export const derivedHeadingIds = (blocks: readonly Block[]): Map<number, string> =>
  headingIdsOf(blocks.flatMap(({ kind, text }, at) => (kind === "heading" ? [{ text, at }] : [])));

/** @param headings all of a draft in order, `at` their places among its blocks */
export function headingIdsOf(headings: readonly { text: string; at: number }[]): Map<number, string> {
  const slugger = new GithubSlugger();
  return new Map(headings.map(({ text, at }) => [at, slugger.slug(text) || `section-${at}`]));
}
