/** Scores in the background every post whose score is missing or rests on something that has changed. */
import { proofWorker } from "../../workers/clients";
import { showScores } from "./keepScores";
import { postsAdapter, scoresAdapter } from "./postsSlice";
import { scoreBasis } from "./scoreBasis";
import { scoringMoved } from "./sessionSlice";
import { store } from "./store";

/** Posts that the worker scores at a time: a quarter of a second's work or so. Each time, everything that shows scores is drawn anew. */
const CHUNK = 25;

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
  if (!stale.length) return;
  const shared = all.map(({ id, slug, metaTitle, title }) => ({ id, slug, metaTitle, title }));
  await proofWorker().beginMany(shared, site, profile);
  for (let done = 0; done < stale.length; done += CHUNK) {
    // Something changed: what is left may be stale in another way, or gone.
    if (wanted) break;
    store.dispatch(scoringMoved({ done, of: stale.length }));
    const asked = stale
      .slice(done, done + CHUNK)
      .map((post) => ({ post, scoredAt: scoreBasis(post, state) }));
    showScores(await proofWorker().scoreMany(asked));
  }
}
