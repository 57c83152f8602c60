/** Scores in the background every post whose score is missing or rests on something that has changed. */
import { planContexts } from "../../data/fields";
import type { Post, PostScore } from "../../data/model";
import { getDocsAsJson } from "../../data/posts";
import { proofWorker } from "../../workers/clients";
import { keepScores } from "../store/keepScores";
import { postsAdapter, scoresAdapter } from "../store/postsSlice";
import { scoringMoved } from "../store/sessionSlice";
import { store } from "../store/store";
import { scoreBasis } from "./scoreBasis";

/** Posts that the worker scores at a time: few, so that what somebody opens meanwhile is soon scored. */
const CHUNK = 5;
/** Scores made are shown and written so many at a time: each time, everything that shows scores is drawn anew. */
const BATCH = 100;
/** Milliseconds between two words of how far it is. */
const SAY = 250;

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
  store.dispatch(scoringMoved({ done: 0, of: stale.length }));
  const shared = all.map(({ id, slug, metaTitle, title }) => ({ id, slug, metaTitle, title }));
  await proofWorker().beginMany(shared, site, profile);
  let batch: PostScore[] = [];
  let said = performance.now();
  const keep = async () => {
    const made = batch;
    batch = [];
    await keepScores(made);
  };
  const read = (at: number) => readChunk(stale.slice(at, at + CHUNK));
  let next = read(0);
  for (let done = 0; done < stale.length; done += CHUNK) {
    // Something changed: what is left may be stale in another way, or gone.
    if (wanted) break;
    if (performance.now() - said > SAY) {
      said = performance.now();
      store.dispatch(scoringMoved({ done, of: stale.length }));
    }
    const asked = await next;
    // While the worker scores, what comes next is read.
    next = read(done + CHUNK);
    const scores = await proofWorker().scoreMany(asked);
    for (const [i, score] of scores.entries())
      batch.push({ ...score, scoredAt: scoreBasis(asked[i]!.post, state) });
    if (batch.length >= BATCH) await keep();
  }
  await next;
  await keep();
}

async function readChunk(posts: readonly Post[]) {
  const ids = posts.map(({ id }) => id);
  const [docs, plans] = await Promise.all([getDocsAsJson(ids), planContexts(ids)]);
  return posts.map((post, i) => ({ post, json: docs[i]!, plan: plans[i]! }));
}
