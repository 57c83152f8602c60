/** What a new site has yet to do: bring keywords, choose a target, write. */
import type { Post, PostScore } from "../../../data/model";

export type StepId = "keywords" | "target" | "write";

export interface FirstStep {
  id: StepId;
  done: boolean;
  /** The post that it goes on with, where there is one. */
  post: Post | null;
}

/** Words from which on a text is written in earnest. */
const IN_EARNEST = 100;

/**
 * @param keywords there are keywords of any kind: a look-up, a list
 * @param scores of posts, by their ids
 * @returns the three steps in their order; nothing once all of them are done
 */
export function firstSteps(
  posts: readonly Post[],
  keywords: boolean,
  scores: Readonly<Record<string, Pick<PostScore, "words"> | undefined>>,
): FirstStep[] {
  const aimed = posts.find(({ keyword }) => keyword.trim()) ?? null;
  const written = posts.find(({ id }) => (scores[id]?.words ?? 0) >= IN_EARNEST) ?? null;
  const steps: FirstStep[] = [
    { id: "keywords", done: keywords || aimed !== null, post: null },
    { id: "target", done: aimed !== null, post: posts.find(({ keyword }) => !keyword.trim()) ?? null },
    { id: "write", done: written !== null, post: aimed },
  ];
  return steps.every(({ done }) => done) ? [] : steps;
}
