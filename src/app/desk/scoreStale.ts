/** Scores in the background every post whose score is missing or rests on something that has changed. */
import { proofContext } from "../../data/draft";
import { getDoc, saveScore } from "../../data/posts";
import { proofWorker } from "../../workers/clients";
import { postsAdapter, scoresAdapter } from "../store/postsSlice";
import { scoringMoved } from "../store/sessionSlice";
import { store } from "../store/store";
import { scoreBasis } from "./scoreBasis";
import { summarise } from "./summarise";

let running = false;

export async function scoreStale(): Promise<void> {
  if (running) return;
  running = true;
  try {
    const state = store.getState();
    const { selectAll } = postsAdapter.getSelectors();
    const all = selectAll(state.posts.posts);
    const { selectById } = scoresAdapter.getSelectors();
    const stale = all.filter(
      (post) => selectById(state.posts.scores, post.id)?.scoredAt !== scoreBasis(post, state),
    );
    for (const [done, post] of stale.entries()) {
      store.dispatch(scoringMoved({ done, of: stale.length }));
      const { site, profile } = store.getState().session;
      const report = await proofWorker().score(
        post,
        site,
        await getDoc(post.id),
        proofContext(post, all, site),
        profile,
      );
      await saveScore({ ...summarise(post.id, report), scoredAt: scoreBasis(post, state) });
    }
  } finally {
    running = false;
    store.dispatch(scoringMoved(null));
  }
}
