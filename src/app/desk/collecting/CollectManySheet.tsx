/** Fields for several posts in one go: which of them have none yet, and what the search knows for each. */

import { useRef, useState } from "react";
import { listCompetitors } from "../../../data/competitors";
import type { Post } from "../../../data/model";
import { collectMany, countRankingPages } from "../../post/plan/collecting";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { useAsk } from "../../store/useAsk";
import { Button } from "../../ui/Button";
import { Checkbox } from "../../ui/Checkbox";
import { Failed } from "../../ui/Failed";
import { count } from "../../ui/figures";
import { Progress } from "../../ui/Progress";
import { Sheet } from "../../ui/Sheet";

interface Candidate {
  post: Post;
  /** Pages that the search knows. */
  pages: number;
  /** It has competing pages already. */
  has: boolean;
}

export function CollectManySheet({ posts, onClose }: { posts: readonly Post[]; onClose: () => void }) {
  const dispatch = useAppDispatch();
  const connection = useAppSelector((state) => state.session.search);
  const jobs = useAppSelector((state) => state.competitors.jobs);
  /** Posts whose tick is not as it was to begin with. */
  const [turned, setTurned] = useState<ReadonlySet<string>>(new Set());
  const [done, setDone] = useState<number | null>(null);
  const stop = useRef<AbortController | null>(null);
  const candidates = useAsk(async (): Promise<Candidate[]> => {
    const aimed = posts.filter(({ keyword }) => keyword.trim());
    const candidates: Candidate[] = [];
    for (const post of aimed)
      candidates.push({
        post,
        pages: await dispatch(countRankingPages(connection, post.keyword)),
        has: (await listCompetitors(post.id)).length > 0,
      });
    return candidates;
  }, [posts, connection]);
  const all = candidates.state === "ready" ? candidates.value : [];
  const takes = ({ post, pages, has }: Candidate) => pages > 0 && (turned.has(post.id) ? has : !has);
  const chosen = all.filter(takes).map(({ post }) => post);
  const start = async () => {
    stop.current = new AbortController();
    await dispatch(collectMany(chosen, setDone, stop.current.signal));
    setDone(null);
    onClose();
  };
  const going = done === null ? undefined : chosen[done];
  const job = going && jobs[going.id];
  const close = () => {
    stop.current?.abort();
    onClose();
  };
  return (
    <Sheet title="Collect competing pages" wide onClose={close}>
      {candidates.state === "failed" ? (
        <Failed what="The search did not answer" why={candidates.why} onRetry={candidates.retry} />
      ) : candidates.state === "loading" ? (
        <p role="status">Asking what the search knows …</p>
      ) : !all.length ? (
        <p>None of these posts has a target keyword yet. Choose one in Find.</p>
      ) : done !== null ? (
        <div className="flex flex-col gap-3">
          <p role="status" className="figures">
            Post {done + 1} of {chosen.length}: <bdi>{going?.title || "Untitled post"}</bdi>
            {job && `, ${job.doing.toLowerCase()} ${job.of ? `${job.outcomes.length} of ${job.of}` : ""}`} …
          </p>
          <Progress label="Posts collected for" value={done} of={chosen.length} className="w-full" />
          <p>
            <Button onClick={close}>Stop and keep what is read</Button>
          </p>
        </div>
      ) : (
        <>
          <p className="mb-2 text-[13px] text-ink-2">
            Up to 20 pages that rank for each post's target keyword are read, one post after another. Posts
            already collected keep their pages unless you tick them.
          </p>
          <ul className="max-h-[50vh] overflow-y-auto border-y border-rule">
            {all.map((one) => (
              <li key={one.post.id} className="border-b border-rule py-1 last:border-b-0">
                <label className="flex items-baseline gap-2">
                  <Checkbox
                    checked={takes(one)}
                    disabled={!one.pages}
                    onChange={() => {
                      const next = new Set(turned);
                      if (!next.delete(one.post.id)) next.add(one.post.id);
                      setTurned(next);
                    }}
                  />
                  <span className="min-w-0 flex-1 truncate">
                    <bdi className="font-serif text-[15px]">{one.post.title || "Untitled post"}</bdi>{" "}
                    <span className="text-[13px] text-ink-2">
                      <bdi>{one.post.keyword}</bdi>
                    </span>
                  </span>
                  <span className="figures text-[13px] text-ink-2">
                    {one.has ? "already collected · " : ""}
                    {one.pages ? `${count(one.pages, "page")} known` : "the search knows none"}
                  </span>
                </label>
              </li>
            ))}
          </ul>
          <div className="mt-3">
            <Button kind="primary" disabled={!chosen.length} onClick={() => void start()}>
              Collect for {count(chosen.length, "post")}
            </Button>
          </div>
        </>
      )}
    </Sheet>
  );
}
