/** Several posts at once: published, put into the next free slots, or filed under a category. */
import { useState } from "react";
import { freeSlots, type Slip, slipOf } from "../../core/calendar/plan";
import type { Post } from "../../data/model";
import { placePosts } from "../calendar/calendarActions";
import { changePost } from "../publishing/changePost";
import { notPassed } from "../publishing/notPassed";
import { publish } from "../publishing/publish";
import { useAppDispatch, useAppSelector } from "../store/hooks";
import { selectPosts } from "../store/selectors";
import { useAsk } from "../store/useAsk";
import { attemptRead } from "../ui/attemptRead";
import { Button } from "../ui/Button";
import { Checkbox } from "../ui/Checkbox";
import { categoryOptions } from "../ui/categoryOptions";
import { Failed } from "../ui/Failed";
import { count } from "../ui/figures";
import { Select } from "../ui/Select";
import { Sheet } from "../ui/Sheet";
import { toast } from "../ui/toast";

/** Mondays and Thursdays, as the calendar begins with. */
const USUAL = { days: [1, 4], time: "08:00" };

export function PublishManySheet({ posts, onClose }: { posts: readonly Post[]; onClose: () => void }) {
  const dispatch = useAppDispatch();
  const site = useAppSelector((state) => state.session.site);
  const all = useAppSelector(selectPosts);
  const [turned, setTurned] = useState<ReadonlySet<string>>(new Set());
  const [category, setCategory] = useState("");
  const judged = useAsk(async () => {
    const held = new Map<string, string[]>();
    for (const post of posts)
      held.set(
        post.id,
        (await dispatch(notPassed(post))).map(({ name }) => name),
      );
    return held;
  }, [posts]);
  const held = judged.state === "ready" ? judged.value : new Map<string, string[]>();
  const isPicked = ({ id, status }: Post) =>
    turned.has(id) !== (status !== "live" && status !== "scheduled" && held.get(id)?.length === 0);
  const picked = posts.filter(isPicked);
  const unsent = picked.filter(({ status }) => status !== "live" && status !== "scheduled");
  const turn = (id: string) => {
    const next = new Set(turned);
    if (!next.delete(id)) next.add(id);
    setTurned(next);
  };
  const done = (work: Promise<unknown>) => {
    attemptRead(work);
    onClose();
  };
  const schedule = () => {
    const slips = all
      .map((post) => slipOf(post, site.timeZone))
      .filter((slip): slip is Slip => slip !== null);
    const slots = freeSlots(USUAL, slips, new Date().toISOString(), site.timeZone, unsent.length);
    done(dispatch(placePosts(unsent.flatMap((post, at) => (slots[at] ? [{ post, at: slots[at].at }] : [])))));
  };
  const file = async () => {
    const before = picked.map(({ id, categories }) => ({ id, categories }));
    for (const { id, categories } of picked)
      await dispatch(
        changePost(id, { categories: [category, ...categories.filter((one) => one !== category)] }),
      );
    toast(`Filed ${count(picked.length, "post")}.`, {
      action: {
        label: "Undo",
        onClick: () =>
          void Promise.all(before.map(({ id, categories }) => dispatch(changePost(id, { categories })))),
      },
    });
  };
  return (
    <Sheet title="Publish or file these posts" wide onClose={onClose}>
      {judged.state === "failed" ? (
        <Failed what="The gates could not be judged." why={judged.why} onRetry={judged.retry} />
      ) : judged.state === "loading" ? (
        <p role="status">Looking at the gates of {count(posts.length, "post")} …</p>
      ) : (
        <ul className="mb-4 max-h-[50vh] overflow-y-auto border border-rule">
          {posts.map((post) => (
            <li
              key={post.id}
              className="flex items-start gap-2 border-b border-rule px-3 py-1.5 last:border-0"
            >
              <Checkbox
                className="mt-1"
                label={`Choose “${post.title || "Untitled post"}”`}
                checked={isPicked(post)}
                onChange={() => turn(post.id)}
              />
              <span className="min-w-0 flex-1">
                <span className="block truncate font-serif text-[15px]">{post.title || "Untitled post"}</span>
                <span className="block text-[13px] text-ink-2">{saysOf(post, held.get(post.id) ?? [])}</span>
              </span>
            </li>
          ))}
        </ul>
      )}
      <div className="flex flex-wrap items-center gap-3">
        <Button
          kind="primary"
          disabled={!unsent.length}
          onClick={() =>
            done(
              dispatch(
                publish(
                  unsent.map(({ id }) => id),
                  null,
                ),
              ),
            )
          }
        >
          Publish {count(unsent.length, "post")} now
        </Button>
        <Button disabled={!unsent.length} onClick={schedule}>
          Schedule {count(unsent.length, "post")}, Mondays and Thursdays at 8:00
        </Button>
        <span className="ml-auto flex items-center gap-2">
          <Select
            label="Category"
            className="!w-56"
            value={category}
            options={[{ value: "", label: "Primary category" }, ...categoryOptions(site.categories)]}
            onChange={setCategory}
          />
          <Button disabled={!category || !picked.length} onClick={() => done(file())}>
            File {count(picked.length, "post")}
          </Button>
        </span>
      </div>
    </Sheet>
  );
}

function saysOf({ status }: Post, held: readonly string[]): string {
  if (status === "live") return "live";
  if (status === "scheduled") return "scheduled";
  return held.length ? `not passed: ${held.join(", ")}` : "ready";
}
