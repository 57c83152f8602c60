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

/** Shows scores, keeps them, and tells the other tabs. */
export async function keepScores(scores: PostScore[]): Promise<void> {
  if (!scores.length) return;
  store.dispatch(scoresMade(scores));
  await saveScores(scores);
  channel.postMessage(scores);
}
