/** Scores in the background every post whose score is missing or rests on something that has changed. */
import { freshId } from "../../data/freshId";
import { scoreBasis } from "../../data/scoreBasis";
import { showScores } from "./scoreActions";
import { selectScoringTerms } from "./scoringTerms";
import { selectPosts, selectScoreById } from "./selectors";
import { scoringMoved } from "./sessionSlice";
import type { AppThunk } from "./thunk";

/** Posts that the worker scores at a time: a quarter of a second's work or so. Each time, everything that shows scores is drawn anew. */
const CHUNK = 25;

/** Asks for the scores to be brought up to date; what changes while that goes on is seen too. */
export const scoreStale =
  (): AppThunk<Promise<void>> =>
  async (dispatch, _getState, { scoring }) => {
    try {
      await scoring.run(() => dispatch(scoreOnce()));
    } catch (error) {
      // Scores are derived: the next change, or the next visit of the Desk, asks again.
      console.error("The posts could not be scored", error);
    } finally {
      dispatch(scoringMoved(null));
    }
  };

const scoreOnce =
  (): AppThunk<Promise<void>> =>
  async (dispatch, getState, { workers, scoring }) => {
    const state = getState();
    const terms = selectScoringTerms(state);
    const stale = selectPosts(state).filter(
      (post) => selectScoreById(state, post.id)?.scoredAt !== scoreBasis(post, terms),
    );
    if (!stale.length) return;
    const run = freshId();
    // A few are scored sooner than another worker has started.
    const { apis, end } = stale.length > CHUNK ? workers.scorers() : { apis: [workers.proof], end: () => {} };
    let next = 0;
    let done = 0;
    const say = () => dispatch(scoringMoved({ done, of: stale.length }));
    say();
    const scoreChunks = async (scorer: (typeof apis)[number]): Promise<void> => {
      // Where something changed, what is left may be stale in another way, or gone.
      while (next < stale.length && !scoring.askedAgain) {
        const chunk = stale
          .slice(next, next + CHUNK)
          .map((post) => ({ post, scoredAt: scoreBasis(post, terms) }));
        next += chunk.length;
        dispatch(showScores(await scorer.scoreMany(run, chunk)));
        done += chunk.length;
        if (done < stale.length) say();
      }
    };
    const score = async (scorer: (typeof apis)[number]): Promise<void> => {
      await scorer.beginRun(run, terms.titles, terms.site, terms.profile);
      // While the scores of some posts are kept and shown, others are scored.
      await Promise.all([scoreChunks(scorer), scoreChunks(scorer)]);
    };
    try {
      await Promise.all(apis.map(score));
    } finally {
      end();
    }
  };
