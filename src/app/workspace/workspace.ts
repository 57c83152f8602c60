/** Replacing the whole workspace by another, with a copy of what was there. */

import * as Comlink from "comlink";
import { freshId } from "../../data/freshId";
import type { PostScore } from "../../data/model";
import type { Refused, Replacement } from "../../workers/filesApi";
import type { AppThunk } from "../store/thunk";

const DEMO = "/demo/brackenford.dunesparrow.zip";
const DEMO_SCORES = "/demo/scores.json";

/** A step of a long task: what is going on, and how far; of 0 where that cannot be said. */
export interface Step {
  doing: string;
  done: number;
  of: number;
}
export type OnStep = (step: Step) => void;

export type Replaced =
  /** It is another one now; `copy` names what was there. */
  | { kind: "replaced"; copy: string | null; notes: string[] }
  | { kind: "refused"; refused: Refused }
  /** Ended by the person; nothing has changed. */
  | { kind: "cancelled" };

export interface ReplaceTerms {
  /** What it is, in words, for the list of copies. */
  why: string;
  withoutCopy?: boolean;
  onStep?: OnStep;
  signal?: AbortSignal;
}

/**
 * Replaces the workspace, all or nothing. What is there is kept as a copy before.
 *
 * @throws Error where it failed for a reason that is not in the file; nothing has changed then
 */
export const replaceWorkspace =
  (by: Replacement, terms: ReplaceTerms): AppThunk<Promise<Replaced>> =>
  async (_dispatch, _getState, { saver, workers }) => {
    const { why, withoutCopy = false, onStep = () => {}, signal } = terms;
    // What was written in the last moment belongs to the copy.
    await saver.flush();
    const copy = freshId();
    try {
      const outcome = await workers.withFiles(signal, (files) =>
        files.replace(
          by,
          { why, snapshotId: copy, now: new Date().toISOString(), withoutCopy },
          Comlink.proxy((doing: string, done: number, of: number) => onStep({ doing, done, of })),
        ),
      );
      if ("refused" in outcome) return { kind: "refused", refused: outcome.refused };
      return { kind: "replaced", copy: withoutCopy ? null : copy, notes: outcome.notes };
    } catch (error) {
      if (signal?.aborted) return { kind: "cancelled" };
      throw error;
    }
  };

/** The demo. @throws Error where it cannot be had */
export async function fetchDemo(): Promise<Replacement> {
  const [response, scores] = await Promise.all([fetch(DEMO), fetchDemoScores()]);
  if (!response.ok) throw new Error(`The demo could not be fetched (${response.status}).`);
  return { kind: "file", file: await response.blob(), scores };
}

/** Its scores, as the build made them; none where they cannot be had, as while developing: then they are made here. */
const fetchDemoScores = (): Promise<PostScore[]> =>
  fetch(DEMO_SCORES)
    .then((response) => response.json() as Promise<PostScore[]>)
    .catch(() => []);
