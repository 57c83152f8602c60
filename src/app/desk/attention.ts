/** What of the whole site needs a decision. */
import type { Post, Stage } from "../../data/model";

export interface AttentionNote {
  text: string;
  posts: Post[];
  /** Stage in which it is put right; the post's own where absent. */
  stage?: Stage;
}

/**
 * @param today ISO date
 * @param targetKeys by post id: keys that agree where two targets say the same; a post without a target has none
 */
export function attention(
  posts: readonly Post[],
  today: string,
  targetKeys: ReadonlyMap<string, string>,
): AttentionNote[] {
  const notes: AttentionNote[] = [];
  const byTarget = groupBy(
    posts.filter((post) => targetKeys.has(post.id)),
    (post) => targetKeys.get(post.id)!,
  );
  for (const same of byTarget.values()) {
    if (same.length > 1)
      notes.push({
        text: `${same.length} posts have the target “${same[0]!.keyword}”:`,
        posts: same,
        stage: "find",
      });
  }
  const overdue = posts.filter((post) => post.status === "draft" && post.due && post.due < today);
  if (overdue.length) notes.push({ text: "Overdue:", posts: overdue });
  const loose = posts.filter((post) => post.status !== "draft" && !post.category);
  if (loose.length) notes.push({ text: "Without a category:", posts: loose, stage: "release" });
  return notes;
}

function groupBy<T>(items: readonly T[], key: (item: T) => string): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const item of items) groups.set(key(item), [...(groups.get(key(item)) ?? []), item]);
  return groups;
}
