/** A line of what needs a decision, with the posts that it is about. */

import { memo, useMemo } from "react";
import { Link } from "react-router";
import type { Post } from "../../data/model";
import { attention, type Publishing } from "./attention";
import { useTargetKeys } from "./useTargetKeys";

/** Of each kind, so many posts are named, and so many kinds: a large site may have hundreds. */
const NAMED = 4;
const KINDS = 6;

export const AttentionLine = memo(function AttentionLine({
  posts,
  publishing,
}: {
  posts: Post[];
  publishing: Publishing;
}) {
  const keys = useTargetKeys(posts);
  const notes = useMemo(
    () => keys && attention(posts, new Date().toISOString().slice(0, 10), keys, publishing),
    [posts, keys, publishing],
  );
  if (!notes?.length) return null;
  return (
    <ul
      aria-label="What needs attention"
      className="mb-2 flex flex-wrap gap-x-6 gap-y-1 border-l-2 border-plum pl-3 text-[13px]"
    >
      {notes.slice(0, KINDS).map((note) => (
        <li key={note.text}>
          <span className="text-plum">{note.text}</span>{" "}
          {note.posts.slice(0, NAMED).map((post, i) => (
            <span key={post.id}>
              {i > 0 && ", "}
              <Link className="quiet-link" to={`/post/${post.id}/${note.stage ?? post.stage}`}>
                {short(post.title)}
              </Link>
            </span>
          ))}
          {note.posts.length > NAMED && (
            <span className="text-ink-2"> and {note.posts.length - NAMED} more</span>
          )}
        </li>
      ))}
      {notes.length > KINDS && <li className="text-ink-2">and {notes.length - KINDS} more of this kind</li>}
    </ul>
  );
});

const short = (title: string): string =>
  title.length > 42 ? `${title.slice(0, 40).trimEnd()}…` : title || "Untitled post";
