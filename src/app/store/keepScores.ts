/** Scores as this tab has them: made here or told by another tab. They are derived, so that reading them all again after each change would be waste. */
import type { PostScore } from "../../data/model";
import { listScores, saveScores } from "../../data/posts";
import { scoresMade, scoresRead } from "./postsSlice";
import { store } from "./store";

const channel = new BroadcastChannel("dune-sparrow scores");
channel.onmessage = ({ data }: MessageEvent<PostScore[]>) => store.dispatch(scoresMade(data));

/** Reads what is kept: at the start, and when the workspace is another. */
export async function readScores(): Promise<void> {
  store.dispatch(scoresRead(await listScores()));
}

/** Shows scores that are kept already, here and in the other tabs. */
export function showScores(scores: readonly PostScore[]): void {
  if (!scores.length) return;
  store.dispatch(scoresMade(scores));
  channel.postMessage(scores);
}

/** Shows a score and keeps it. */
export async function keepScore(score: PostScore): Promise<void> {
  showScores([score]);
  await saveScores([score]);
}
