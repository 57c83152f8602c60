/** Scores in the background every post whose score is missing or rests on something that has changed. */
import { proofContext } from "../../data/draft";
import { planContext } from "../../data/fields";
import type { PostScore } from "../../data/model";
import { getDoc, saveScores } from "../../data/posts";
import { proofWorker } from "../../workers/clients";
import { postsAdapter, scoresAdapter } from "../store/postsSlice";
import { scoringMoved } from "../store/sessionSlice";
import { store } from "../store/store";
import { scoreBasis } from "./scoreBasis";
import { summarise } from "./summarise";

/** Scores are written so many at a time: each write makes every list of scores be read again. */
const BATCH = 20;

let wanted = false;
let running = false;

/** Asks for the scores to be brought up to date; what changes while that goes on is seen too. */
export async function scoreStale(): Promise<void> {
  wanted = true;
  if (running) return;
  running = true;
  try {
    while (wanted) {
      wanted = false;
      await scoreOnce();
    }
  } catch (error) {
    // Scores are derived: the next change, or the next visit of the Desk, asks again.
    console.error("The posts could not be scored", error);
  } finally {
    running = false;
    store.dispatch(scoringMoved(null));
  }
}

async function scoreOnce(): Promise<void> {
  const state = store.getState();
  const { site, profile } = state.session;
  const all = postsAdapter.getSelectors().selectAll(state.posts.posts);
  const { selectById } = scoresAdapter.getSelectors();
  const stale = all.filter(
    (post) => selectById(state.posts.scores, post.id)?.scoredAt !== scoreBasis(post, state),
  );
  let batch: PostScore[] = [];
  for (const [done, post] of stale.entries()) {
    // Something changed: what is left may be stale in another way, or gone.
    if (wanted) break;
    store.dispatch(scoringMoved({ done, of: stale.length }));
    const report = await proofWorker().score(
      post,
      site,
      await getDoc(post.id),
      proofContext(post, all, site, await planContext(post.id)),
      profile,
    );
    batch.push({ ...summarise(post.id, report), scoredAt: scoreBasis(post, state) });
    if (batch.length < BATCH) continue;
    await saveScores(batch);
    batch = [];
  }
  await saveScores(batch);
}
