/** What a list shares with every other, with the pairs. Over the site's limit, or with the same target, it needs a decision. */
import { Link } from "react-router";
import type { Post } from "../../../data/model";
import type { NamedOverlap } from "../../../workers/listIndex";
import { percent } from "../../ui/shortFigures";
import { useOverlapLimit } from "../board/OverlapSummary";

export function OverlapPanel({
  overlaps,
  posts,
  target,
}: {
  overlaps: NamedOverlap[];
  posts: Record<string, Post>;
  target: string;
}) {
  const limit = useOverlapLimit();
  if (!overlaps.length)
    return <p className="mb-2 text-[13px] text-ink-2">It shares no keyword with another list.</p>;
  const over = overlaps.filter(({ percent: share, sameTarget }) => sameTarget || share > limit);
  const worst = overlaps[0]!;
  return (
    <details
      className="mb-2 border border-rule bg-sheet px-3 py-1 text-[13px]"
      open={over.some((o) => o.sameTarget)}
    >
      <summary className="leading-6">
        {over.length ? (
          <span className="text-plum">
            {over.some(({ sameTarget }) => sameTarget) ? "The target is another list's too. " : ""}
            Shares up to {percent(worst.percent)} with{" "}
            {overlaps.length === 1 ? "one list" : `${overlaps.length} lists`}
            {worst.percent > limit ? `, over the site's ${percent(limit)}` : ""}.
          </span>
        ) : (
          <span className="text-ink-2">
            Shares up to {percent(worst.percent)} with{" "}
            {overlaps.length === 1 ? "one list" : `${overlaps.length} lists`}, within the site's{" "}
            {percent(limit)}.
          </span>
        )}
      </summary>
      <ul className="max-h-44 overflow-y-auto pb-1">
        {overlaps.map(({ id, name, percent: share, pairs, sameTarget, postId }) => {
          const post = postId ? posts[postId] : undefined;
          const marked = sameTarget || share > limit;
          return (
            <li key={id} className="border-t border-rule py-1">
              <span className={`figures inline-block w-12 ${marked ? "font-semibold text-plum" : ""}`}>
                {percent(share)}
              </span>
              <Link className="quiet-link" to={`/keywords/lists/${id}`}>
                {name}
              </Link>
              {sameTarget && (
                <span className="text-plum">
                  {" "}
                  · same target, “{target}”
                  {post && (
                    <>
                      {post.status === "live" ? "; it is live, so improving " : "; see "}
                      <Link className="underline" to={`/post/${post.id}/proof`}>
                        {post.title || "the untitled post"}
                      </Link>
                      {post.status === "live" ? " may be worth more than a second post" : ""}
                    </>
                  )}
                </span>
              )}
              {pairs.length > 0 && (
                <span className="text-ink-2">
                  {" · "}
                  {pairs
                    .slice(0, 20)
                    .map(({ here, there }) => (here === there ? here : `${here} = ${there}`))
                    .join(", ")}
                  {pairs.length > 20 && ` and ${pairs.length - 20} more`}
                </span>
              )}
            </li>
          );
        })}
      </ul>
    </details>
  );
}
