/** The rows of the Desk: which posts it shows, in which order, under which headings. */

import { bestNextStep, hasGain } from "../../core/proof/finding";
import type { CheckId } from "../../core/proof/profile";
import { withSubcategories } from "../../core/site/categories";
import type { Category } from "../../core/site/shapes";
import { isPublic } from "../../core/site/status";
import { foldPlain } from "../../core/text/fold";
import type { ListedFinding, Post, PostScore } from "../../data/model";
import { STAGE_IDS, stageName } from "../../data/stages";

/** A post as the Desk lists it. */
export interface Row {
  post: Post;
  score: PostScore | undefined;
  /** What is worth most next; while sifted by a finding, that finding. */
  next: ListedFinding | undefined;
}

/** What the rows are narrowed down to. */
export interface Sift {
  /** Words of the title, the keyword, the category or the author. */
  query: string;
  /** Id of a category, those under it with it; "" for all, "-" for posts without one. */
  category: string;
  /** A finding with something to gain, or "" for any. */
  finding: CheckId | "";
}
export const noSift: Sift = { query: "", category: "", finding: "" };

export const SORTS = {
  stage: "Stage",
  score: "Score, lowest first",
  gain: "Best next step",
  date: "Due or published",
  title: "Title",
} as const;
export type Sort = keyof typeof SORTS;

/**
 * @param categories of the site
 * @returns the posts that pass the sift, in order
 */
export function deskRows(
  posts: readonly Post[],
  scores: Readonly<Record<string, PostScore>>,
  { query, category, finding }: Sift,
  sort: Sort,
  categories: readonly Category[] = [],
): Row[] {
  const words = foldPlain(query);
  const names = new Map(categories.map(({ id, name }) => [id, name]));
  const filed = ({ categories: ids }: Post) => ids.map((id) => names.get(id) ?? "").join(" ");
  const within = category && category !== "-" ? withSubcategories(categories, category) : null;
  return posts
    .filter(
      (post) =>
        !words || foldPlain(`${post.title} ${post.keyword} ${filed(post)} ${post.author}`).includes(words),
    )
    .filter(
      (post) =>
        !category || (within ? post.categories.some((id) => within.has(id)) : !post.categories.length),
    )
    .map((post): Row => {
      const score = scores[post.id];
      return { post, score, next: score && nextOf(score, finding) };
    })
    .filter(({ next }) => !finding || next)
    .sort(ORDER[sort]);
}

/** @returns the rows by stage, stages without any left out; in any other order all of them together */
export const deskGroups = (rows: readonly Row[], sort: Sort): [heading: string, rows: Row[]][] =>
  sort === "stage"
    ? STAGE_IDS.map((stage): [string, Row[]] => [
        stageName(stage),
        rows.filter(({ post }) => post.stage === stage),
      ]).filter(([, members]) => members.length)
    : [[SORTS[sort], [...rows]]];

function nextOf({ findings }: PostScore, finding: CheckId | ""): ListedFinding | undefined {
  if (finding) return findings.find((one) => one.id === finding && hasGain(one));
  return bestNextStep(findings);
}

const titles = new Intl.Collator();
/** ISO dates order as they are written: a comparison by language would cost a thousand posts a frame. */
const earlier = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);
const when = ({ post }: Row): string => (isPublic(post.status) ? post.date : post.due);

const ORDER: Record<Sort, (a: Row, b: Row) => number> = {
  stage: (a, b) =>
    STAGE_IDS.indexOf(a.post.stage) - STAGE_IDS.indexOf(b.post.stage) || earlier(when(a), when(b)),
  score: (a, b) => (a.score?.score ?? 101) - (b.score?.score ?? 101),
  gain: (a, b) => (b.next?.gain ?? 0) - (a.next?.gain ?? 0),
  date: (a, b) => earlier(when(a) || "9", when(b) || "9"),
  title: (a, b) => titles.compare(a.post.title, b.post.title),
};
