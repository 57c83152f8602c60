/** Scores as this tab has them: made here or told by another tab. */
import type { PostScore } from "../../data/model";
import { listScores, saveScores } from "../../data/posts";
import { scoresArrived, scoresRead } from "./postsSlice";
import type { AppThunk } from "./thunk";

/** Reads what is kept: at the start, and when the workspace is another. */
export const readScores = (): AppThunk<Promise<void>> => async (dispatch) => {
  dispatch(scoresRead(await listScores()));
};

/** Shows scores that are kept already, here and in the other tabs. */
export const showScores =
  (results: readonly PostScore[]): AppThunk =>
  (dispatch, _getState, { scores }) => {
    if (!results.length) return;
    dispatch(scoresArrived(results));
    scores.tell(results);
  };

/** Shows a score and keeps it. */
export const keepScore =
  (score: PostScore): AppThunk<Promise<void>> =>
  async (dispatch) => {
    dispatch(showScores([score]));
    await saveScores([score]);
  };
