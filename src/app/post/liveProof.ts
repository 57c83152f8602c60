/** Keeps the open post's report current: sends changed blocks to the worker, drops answers that came too late. */

import type { ProofContext } from "../../core/proof/context";
import type { Profile } from "../../core/proof/profile";
import { draftMeta } from "../../data/draft";
import type { PostScore } from "../../data/model";
import { scoreBasis } from "../../data/scoreBasis";
import { summarise } from "../../data/summarise";
import { openContext } from "../posts/openContext";
import { debounceUntilIdle } from "../store/debounceUntilIdle";
import { reportArrived, reportFailed } from "../store/openPostSlice";
import type { PostSession } from "../store/postSession";
import { keepScore } from "../store/scoreActions";
import { selectScoringTerms } from "../store/scoringTerms";
import type { AppThunk } from "../store/thunk";

/** Numbers objects that are never changed in place, so that a number can stand for one; 0 stands for none. */
function createNumbering(): (thing: object | null) => number {
  const numbers = new WeakMap<object, number>();
  let last = 0;
  return (thing) => {
    if (!thing) return 0;
    const number = numbers.get(thing) ?? ++last;
    numbers.set(thing, number);
    return number;
  };
}

/** Milliseconds of rest after which a report is made, from a short post to one whose reports are dear. */
const REST = [120, 300] as const;
const REST_A_COST = 30;
/** While keys go on without such a rest, reports take this share of the page's time at most, within these milliseconds. */
const BUSIEST = 1 / 1000;
const SOONEST = 800;
const LATEST = 10_000;

const within = (least: number, value: number, most: number): number => Math.min(most, Math.max(least, value));

/** Milliseconds of rest after which the score is kept. */
const KEEP_AFTER = 800;

/** In a row; after that only a new change asks again. */
const MOST_FAILURES = 3;

export interface LiveProof {
  request(): void;
  stop(): void;
}

export const startLiveProof =
  (session: PostSession): AppThunk<LiveProof> =>
  (dispatch, getState, { workers }) => {
    const numberOf = createNumbering();
    let revision = 0;
    let sent = new Set<string>();
    let busy = false;
    let again = false;
    let stopped = false;
    let lastContext = "";
    let lastProfile: Profile | null = null;
    let failures = 0;
    /** What the last report cost the page itself, in milliseconds: gathering what changed, and drawing the answer. */
    let cost = 0;
    const rest = debounceUntilIdle(
      () => within(REST[0], cost * REST_A_COST, REST[1]),
      () => within(SOONEST, cost / BUSIEST, LATEST),
      () => void run(),
    );
    let latest: PostScore | null = null;
    /** The Desk shows the last score; written when typing rests. */
    const keeping = debounceUntilIdle(
      () => KEEP_AFTER,
      () => Number.POSITIVE_INFINITY,
      () => {
        // Derived data: where it cannot be kept, the Desk makes it anew.
        if (latest) dispatch(keepScore(latest)).catch(() => {});
      },
    );

    async function run(): Promise<void> {
      const state = getState();
      const { session: app } = state;
      const { post } = state.openPost;
      if (stopped || !post || post.id !== session.postId) return;
      if (busy) {
        again = true;
        return;
      }
      busy = true;
      const mine = ++revision;
      const began = performance.now();
      const keyed = session.keyed();
      const order = keyed.map(({ key }) => key);
      const changed = keyed
        .filter(({ key }) => !sent.has(key))
        .map(({ key, block }): [string, typeof block] => [key, block]);
      const context = openContext(post, state);
      const fingerprint = JSON.stringify({
        ...context,
        // What was collected is never changed in place: a number stands for it.
        competitors: numberOf(context.competitors),
        site: { ...context.site, paths: [...(context.site.paths ?? [])] },
      });
      const news: { context?: ProofContext; profile?: Profile } = {
        ...(fingerprint !== lastContext && { context }),
        ...(app.profile !== lastProfile && { profile: app.profile }),
      };
      const gathered = performance.now() - began;
      try {
        const { report } = await workers.proof.update({
          postId: post.id,
          revision: mine,
          meta: draftMeta(post, app.site),
          headingIds: "derived",
          order,
          changed,
          ...news,
        });
        sent = new Set(order);
        lastContext = fingerprint;
        lastProfile = app.profile;
        failures = 0;
        if (!stopped) {
          const arrived = performance.now();
          dispatch(reportArrived({ postId: post.id, revision: mine, report }));
          // What the store tells is drawn in a microtask, before this goes on.
          await null;
          cost = gathered + performance.now() - arrived;
          latest = {
            ...summarise(post.id, report),
            scoredAt: scoreBasis(post, selectScoringTerms(getState())),
          };
          keeping.note();
        }
      } catch (error) {
        // The worker lost what it held: send everything next time.
        console.error("The proof failed", error);
        sent = new Set();
        lastContext = "";
        lastProfile = null;
        again ||= ++failures < MOST_FAILURES;
        if (!stopped) dispatch(reportFailed());
      } finally {
        busy = false;
        if (again) {
          again = false;
          rest.note();
        }
      }
    }

    return {
      request: rest.note,
      stop() {
        stopped = true;
        rest.stop();
        void workers.proof.close(session.postId);
      },
    };
  };
