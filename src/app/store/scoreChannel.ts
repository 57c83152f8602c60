import type { PostScore } from "../../data/model";

/** Scores between tabs. They are derived: reading them all again after each change would be waste. */
export interface ScoreChannel {
  tell(scores: readonly PostScore[]): void;
  /** Hears of scores made in other tabs. */
  listen(hear: (scores: readonly PostScore[]) => void): void;
}

export function createScoreChannel(): ScoreChannel {
  const channel = new BroadcastChannel("dune-sparrow scores");
  return {
    tell: (scores) => channel.postMessage(scores),
    listen: (hear) => {
      channel.onmessage = ({ data }: MessageEvent<PostScore[]>) => hear(data);
    },
  };
}
