/** What of the whole site needs a decision. */
import { isPublic } from "../../core/site/status";
import type { Post, Stage } from "../../data/model";

export interface AttentionNote {
  text: string;
  posts: Post[];
  /** Stage in which it is put right; the post's own where absent. */
  stage?: Stage;
}

/** Ids of posts that readers have in another state, and of those that a blog did not take. */
export interface Publishing {
  changed: readonly string[];
  stuck: readonly string[];
}

/** Days of changes after which a copy outside of the browser is too old. */
const BACKUP_DAYS = 7;

/**
 * What is said of the last copy outside of the browser; null where it is young enough, or nothing has changed since.
 *
 * @param backedUp when it was made, or the workspace began (ISO); empty where that is not known
 * @param now ISO
 */
export function backupReminder(posts: readonly Post[], backedUp: string, now: string): string | null {
  const since =
    backedUp || posts.reduce((first, { createdAt }) => (createdAt < first ? createdAt : first), now);
  const days = Math.floor((Date.parse(now) - Date.parse(since)) / 86_400_000);
  const changed = posts.filter(({ updatedAt }) => updatedAt > since).length;
  if (!changed || days < BACKUP_DAYS) return null;
  return `${changed === 1 ? "1 post has" : `${changed} posts have`} changed since your last backup outside this browser, ${days} days ago.`;
}

/**
 * @param today ISO date
 * @param publishing how posts stand with the blog
 * @param targetKeys by post id: keys that agree where two targets say the same; a post without a target has none
 */
export function attention(
  posts: readonly Post[],
  today: string,
  targetKeys: ReadonlyMap<string, string>,
  { changed, stuck }: Publishing = { changed: [], stuck: [] },
): AttentionNote[] {
  const notes: AttentionNote[] = [];
  const these = (ids: readonly string[]) => posts.filter(({ id }) => ids.includes(id));
  const note = (text: string, about: Post[]) => {
    if (about.length) notes.push({ text, posts: about, stage: "release" });
  };
  note("Not taken by the blog:", these(stuck));
  note("Changed, not sent:", these(changed));
  note(
    "Waiting for review:",
    posts.filter(({ status }) => status === "in-review"),
  );
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
  const overdue = posts.filter((post) => !isPublic(post.status) && post.due && post.due < today);
  if (overdue.length) notes.push({ text: "Overdue:", posts: overdue });
  const loose = posts.filter((post) => isPublic(post.status) && !post.categories.length);
  if (loose.length) notes.push({ text: "Without a category:", posts: loose, stage: "release" });
  return notes;
}

function groupBy<T>(items: readonly T[], key: (item: T) => string): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const item of items) groups.set(key(item), [...(groups.get(key(item)) ?? []), item]);
  return groups;
}
