/** How the posts of the Desk stand with the blog. */
import { useMemo } from "react";
import { listOutbox } from "../../data/outbox";
import { useAppSelector } from "../store/hooks";
import { selectPosts } from "../store/selectors";
import { useAsk } from "../store/useAsk";
import { useLive } from "../store/useLive";
import type { Publishing } from "./attention";

const NONE: readonly string[] = [];
/** Milliseconds of rest before it is looked at: it is not the first thing that anybody looks for. */
const REST = 500;

export function useDeskPublishing(): Publishing {
  const posts = useAppSelector(selectPosts);
  const site = useAppSelector((state) => state.session.site);
  const outbox = useLive(() => listOutbox(), []);
  const items = outbox.state === "ready" ? outbox.value : null;
  const answer = useAsk(({ workers }) => workers.site.changedPosts(site), [posts, site, items], {
    pause: REST,
  });
  const changed = answer.state === "ready" ? answer.value : NONE;
  return useMemo(() => {
    const stuck = (items ?? [])
      .filter(({ state }) => state === "refused" || state === "conflict" || state === "unsure")
      .map(({ postId }) => postId);
    return { changed, stuck };
  }, [changed, items]);
}
