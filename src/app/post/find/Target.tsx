import { Link } from "react-router";
import type { Post } from "../../../data/model";
import { whole } from "../../ui/figures";
import { Sparkline } from "../../ui/Sparkline";
import type { KeywordRow } from "./keywordRow";

/** The target keyword, large, with its numbers, and a word where another post has it too. */
export function Target({
  post,
  row,
  taken,
}: {
  post: Post;
  row: KeywordRow | undefined;
  taken: Post | undefined;
}) {
  if (!post.keyword) return <p className="mt-1 font-serif text-xl text-ink-2">Not chosen yet</p>;
  return (
    <div>
      <p className="mt-1 font-serif text-2xl leading-tight">{post.keyword}</p>
      {taken && (
        <p role="alert" className="mt-2 border-l-2 border-plum bg-plum-wash px-3 py-1.5 text-plum">
          Same target as{" "}
          <Link className="underline" to={`/post/${taken.id}/find`}>
            {taken.title || "an untitled post"}
          </Link>
          .{" "}
          {taken.status === "live"
            ? "It is live: improving it may be worth more than a second post."
            : "Two posts with one target compete."}
        </p>
      )}
      {row ? (
        <dl className="mt-3 grid grid-cols-3 gap-x-4 gap-y-2">
          <Figure name="Searches" value={row.searches === null ? "unknown" : whole(row.searches)} />
          <Figure name="Difficulty" value={row.difficulty === null ? "unknown" : String(row.difficulty)} />
          <Figure
            name="Opportunity"
            value={row.opportunity === null ? "unknown" : String(Math.round(row.opportunity))}
          />
          <div className="col-span-3">
            <dt className="text-[12px] text-ink-2">Twelve months, {row.intent || "intent unknown"}</dt>
            <dd>
              <Sparkline values={row.months} width={270} height={40} />
            </dd>
          </div>
        </dl>
      ) : (
        <p className="mt-2 text-ink-2">Your own keyword: no numbers are known for it.</p>
      )}
    </div>
  );
}

function Figure({ name, value }: { name: string; value: string }) {
  return (
    <div>
      <dt className="text-[12px] text-ink-2">{name}</dt>
      <dd className="figures text-lg font-semibold">{value}</dd>
    </div>
  );
}
