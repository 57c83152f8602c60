/** Fixes for many posts: choose which, see what each post would become, then make them. */

import { useState } from "react";
import { fixRules } from "../../../core/proof/fixes/registry";
import type { Post } from "../../../data/model";
import { Lines } from "../../post/fixing/FixPanel";
import { useAppDispatch } from "../../store/hooks";
import { useAsk } from "../../store/useAsk";
import { Button } from "../../ui/Button";
import { Checkbox } from "../../ui/Checkbox";
import { count, points } from "../../ui/figures";
import { Progress } from "../../ui/Progress";
import { Sheet } from "../../ui/Sheet";
import { toast } from "../../ui/toast";
import { makeFixes, previewFixes } from "./bulkFix";

const FIRST = fixRules.filter(({ safe }) => safe).map(({ id }) => id);
const POSTS_SHOWN = 100;

export function BulkFixSheet({ posts, onClose }: { posts: readonly Post[]; onClose: () => void }) {
  const dispatch = useAppDispatch();
  const [ids, setIds] = useState<readonly string[]>(FIRST);
  const [done, setDone] = useState(0);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState("");

  const preview = useAsk(
    (_dependencies, signal) => {
      setDone(0);
      return dispatch(
        previewFixes(posts, ids, (n) => {
          if (!signal.aborted) setDone(n);
          return !signal.aborted;
        }),
      );
    },
    [posts, ids, dispatch],
  );
  const fixes = preview.state === "ready" && preview.current ? preview.value : null;
  const failure = problem || (preview.state === "failed" ? preview.why : "");

  const chosen = fixes?.filter(({ post }) => !left.has(post.id)) ?? [];
  const gain = chosen.reduce((sum, { fixes }) => sum + fixes.reduce((all, fix) => all + fix.gain, 0), 0);
  const make = async () => {
    setBusy(true);
    try {
      const { fixed, left: alone, undo } = await dispatch(makeFixes(chosen));
      toast(
        `${count(fixed, "post")} fixed.${alone.length ? ` Left alone, since they are open elsewhere or have changed: ${alone.join(", ")}.` : ""}`,
        { action: { label: "Undo", onClick: () => void undo() }, duration: 15_000 },
      );
      onClose();
    } catch (error) {
      setProblem(`${(error as Error).message} Posts fixed before that have a version from before.`);
      setBusy(false);
    }
  };
  return (
    <Sheet title={`Fix ${count(posts.length, "post")}`} wide onClose={onClose}>
      <div className="grid grid-cols-1 gap-6 min-[900px]:grid-cols-[17rem_minmax(0,1fr)]">
        <fieldset>
          <legend className="mb-1 text-[13px] text-ink-2">What to fix</legend>
          {fixRules.map(({ id, name, safe, toCheck }) => (
            <label key={id} className="flex items-start gap-2 py-0.5">
              <Checkbox
                className="mt-1"
                checked={ids.includes(id)}
                onChange={(checked) => setIds(checked ? [...ids, id] : ids.filter((other) => other !== id))}
              />
              <span>
                {name}
                <span className="block text-[12px] text-ink-2">
                  {safe ? "changes no words" : toCheck ? "to review afterwards" : "see the preview"}
                </span>
              </span>
            </label>
          ))}
        </fieldset>
        <section aria-label="Preview" className="min-w-0">
          {failure ? (
            <p role="alert" className="border-l-2 border-plum bg-plum-wash px-3 py-1.5 text-plum">
              The fixes could not be made: {failure}
            </p>
          ) : !fixes ? (
            <p role="status" className="figures text-ink-2">
              Looking at post {done + 1} of {posts.length} …{" "}
              <Progress label="Posts looked at" value={done} of={posts.length} />
            </p>
          ) : !fixes.length ? (
            <p role="status" className="text-ink-2">
              There is nothing to fix in these posts.
            </p>
          ) : (
            <>
              <p role="status" className="figures mb-2">
                {count(fixes.length, "post")} would change. Nothing is written yet.
              </p>
              <ul className="max-h-[48vh] overflow-y-auto border-y border-rule">
                {fixes.slice(0, POSTS_SHOWN).map(({ post, fixes }) => (
                  <li key={post.id} className="border-b border-rule py-2 last:border-b-0">
                    <label className="flex items-baseline gap-2">
                      <Checkbox
                        checked={!left.has(post.id)}
                        onChange={(checked) => {
                          const next = new Set(left);
                          if (checked) next.delete(post.id);
                          else next.add(post.id);
                          setLeft(next);
                        }}
                      />
                      <span className="min-w-0 flex-1 truncate font-serif text-[15px]">
                        {post.title || "Untitled post"}
                      </span>
                      <span className="figures font-semibold">
                        +{points(fixes.reduce((sum, fix) => sum + fix.gain, 0))}
                      </span>
                    </label>
                    {fixes.map((fix) => (
                      <div key={fix.fix} className="mt-1 pl-6">
                        <p className="text-[13px] text-ink-2">{fix.name}</p>
                        <Lines fix={fix} />
                      </div>
                    ))}
                  </li>
                ))}
              </ul>
              {fixes.length > POSTS_SHOWN && (
                <p className="figures mt-1 text-[13px] text-ink-2">
                  The first {POSTS_SHOWN} are shown; the others are fixed too.
                </p>
              )}
              <div className="mt-3 flex items-center gap-3">
                <Button kind="primary" disabled={busy || !chosen.length} onClick={() => void make()}>
                  Fix {count(chosen.length, "post")}
                </Button>
                <span className="figures text-ink-2">
                  +{points(gain)} in total; a version of each is kept first
                </span>
              </div>
            </>
          )}
        </section>
      </div>
    </Sheet>
  );
}
