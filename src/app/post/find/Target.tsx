import { Link } from "react-router";
import type { ListKeyword } from "../../../core/keywords/list";
import { saySeason } from "../../../core/keywords/seasonality";
import type { Post } from "../../../data/model";
import { Figure } from "../../ui/Figure";
import { whole } from "../../ui/figures";
import { Sparkline } from "../../ui/Sparkline";

/** The target keyword, large, with its numbers and its year, and a word where another post has it too. */
export function Target({
  post,
  row,
  taken,
}: {
  post: Post;
  row: ListKeyword | undefined;
  taken: Post | undefined;
}) {
  if (!post.keyword) return <p className="mt-1 font-serif text-xl text-ink-2">Not chosen yet</p>;
  const hasNumbers = row && (row.searches !== null || row.difficulty !== null || row.months.length > 0);
  return (
    <div>
      <p className="mt-1 font-serif text-2xl leading-tight">{post.keyword}</p>
      {taken && (
        <p role="alert" className="mt-2 border-l-2 border-plum bg-plum-wash px-3 py-1.5 text-plum">
          Same target as{" "}
          <Link className="underline" to={`/post/${taken.id}/${taken.status === "live" ? "proof" : "find"}`}>
            {taken.title || "an untitled post"}
          </Link>
          .{" "}
          {taken.status === "live"
            ? "It is live: improving it may be worth more than a second post."
            : "Two posts with one target compete."}
        </p>
      )}
      {hasNumbers ? (
        <dl className="mt-3 grid grid-cols-3 gap-x-4 gap-y-2">
          <Figure large name="Searches" value={row.searches === null ? "unknown" : whole(row.searches)} />
          <Figure
            large
            name="Difficulty"
            value={row.difficulty === null ? "unknown" : whole(row.difficulty)}
          />
          <Figure
            large
            name="Per click"
            value={row.costPerClick === null ? "unknown" : row.costPerClick.toFixed(2)}
          />
          <div className="col-span-3">
            <dt className="text-[12px] text-ink-2">
              Intent {row.intent || "unknown"}; {saySeason(row.months, row.lastMonth)}
              {row.standIn && " (stand-in)"}
            </dt>
            <dd>
              <Sparkline values={row.months} width={290} height={40} />
            </dd>
          </div>
        </dl>
      ) : (
        <p className="mt-2 text-ink-2">Your own keyword: no numbers are known for it.</p>
      )}
    </div>
  );
}
