/** Scores in the background: which posts are asked for, when the asking ends, and what a failure leaves. */
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { Post, PostScore } from "../../data/model";
import { newPost } from "../../data/newPost";
import { scoreBasis } from "../../data/scoreBasis";
import { emptySite } from "../../data/settings";
import type { PostToScore } from "../../workers/proofApi";
import { createTestStore } from "../testing/testStore";
import { postsRead, scoresRead } from "./postsSlice";
import { scoreStale } from "./scoreStale";
import { selectScoringTerms } from "./scoringTerms";

const NOW = "2026-11-28T10:00:00.000Z";
const post = (id: string, more: Partial<Post> = {}): Post =>
  newPost(id, emptySite, NOW, { title: id, ...more });
const scoreOf = ({ post: { id }, scoredAt }: PostToScore) =>
  ({ postId: id, scoredAt, score: 50, words: 100, findings: [] }) as unknown as PostScore;

function setUp(posts: Post[]) {
  const requests = { runs: 0, chunks: [] as string[][] };
  const told: PostScore[][] = [];
  let onChunk = async () => {};
  const { store } = createTestStore({
    workers: {
      proof: {
        beginRun: async () => void requests.runs++,
        scoreMany: async (_run: string, chunk: PostToScore[]) => {
          requests.chunks.push(chunk.map(({ post: { id } }) => id));
          await onChunk();
          return chunk.map(scoreOf);
        },
      },
    },
    scores: { tell: (scores) => void told.push([...scores]) },
  });
  store.dispatch(postsRead(posts));
  return {
    store,
    requests,
    told,
    during: (act: () => Promise<void>) => {
      onChunk = act;
    },
  };
}
const scoredIds = ({ store }: ReturnType<typeof setUp>) => store.getState().posts.scores.ids.toSorted();

describe("scoring in the background", () => {
  beforeEach(() => vi.restoreAllMocks());

  it("scores what has no score, shows it and tells the other tabs", async () => {
    const it = setUp([post("a"), post("b")]);
    await it.store.dispatch(scoreStale());
    expect(it.requests).toEqual({ runs: 1, chunks: [["a", "b"]] });
    expect(scoredIds(it)).toEqual(["a", "b"]);
    expect(it.told.flat().map(({ postId }) => postId)).toEqual(["a", "b"]);
    expect(it.store.getState().session.scoring).toBeNull();
  });

  it("asks for nothing where all scores hold", async () => {
    const it = setUp([post("a")]);
    await it.store.dispatch(scoreStale());
    await it.store.dispatch(scoreStale());
    expect(it.requests.runs).toBe(1);
  });

  it("scores again what was saved since, and with it all when another title changed", async () => {
    const it = setUp([post("a"), post("b")]);
    await it.store.dispatch(scoreStale());
    it.store.dispatch(postsRead([post("a", { updatedAt: "2026-11-28T11:00:00.000Z" }), post("b")]));
    await it.store.dispatch(scoreStale());
    expect(it.requests.chunks.at(-1)).toEqual(["a"]);
    it.store.dispatch(postsRead([post("a", { title: "Another title" }), post("b")]));
    await it.store.dispatch(scoreStale());
    expect(it.requests.chunks.at(-1)).toEqual(["a", "b"]);
  });

  it("keeps a score that another tab made of the same", async () => {
    const it = setUp([post("a")]);
    const basis = scoreBasis(post("a"), selectScoringTerms(it.store.getState()));
    it.store.dispatch(scoresRead([scoreOf({ post: post("a"), scoredAt: basis })]));
    await it.store.dispatch(scoreStale());
    expect(it.requests.runs).toBe(0);
  });

  it("asks for two parts at a time, and says how far it is", async () => {
    const it = setUp(Array.from({ length: 60 }, (_, i) => post(`p${i}`)));
    const said: unknown[] = [];
    it.during(async () => void said.push(it.store.getState().session.scoring));
    await it.store.dispatch(scoreStale());
    expect(it.requests.chunks.map(({ length }) => length)).toEqual([25, 25, 10]);
    expect(said).toEqual([
      { done: 0, of: 60 },
      { done: 0, of: 60 },
      { done: 25, of: 60 },
    ]);
  });

  it("shares many out among several workers, and ends them", async () => {
    const scored: string[][] = [[], []];
    let ended = 0;
    const { store } = createTestStore({
      workers: {
        scorers: () => ({
          apis: scored.map((mine) => ({
            beginRun: async () => {},
            scoreMany: async (_run: string, chunk: PostToScore[]) => {
              mine.push(...chunk.map(({ post: { id } }) => id));
              return chunk.map(scoreOf);
            },
          })),
          end: () => void ended++,
        }),
      },
    });
    const posts = Array.from({ length: 120 }, (_, i) => post(`p${i}`));
    store.dispatch(postsRead(posts));
    await store.dispatch(scoreStale());
    expect(scored.map(({ length }) => length > 0)).toEqual([true, true]);
    expect(scored.flat().toSorted()).toEqual(posts.map(({ id }) => id).toSorted());
    expect([ended, store.getState().posts.scores.ids.length]).toEqual([1, 120]);
  });

  it("ends them where one of them fails", async () => {
    vi.spyOn(console, "error").mockImplementation(() => {});
    let ended = 0;
    const { store } = createTestStore({
      workers: {
        scorers: () => ({
          apis: [
            { beginRun: async () => {}, scoreMany: () => Promise.reject(new Error("no worker")) },
            { beginRun: async () => {}, scoreMany: () => new Promise(() => {}) },
          ],
          end: () => void ended++,
        }),
      },
    });
    store.dispatch(postsRead(Array.from({ length: 60 }, (_, i) => post(`p${i}`))));
    await store.dispatch(scoreStale());
    expect([ended, store.getState().session.scoring]).toEqual([1, null]);
  });

  it("begins anew where it is asked again meanwhile, without doing anything twice", async () => {
    const it = setUp(Array.from({ length: 60 }, (_, i) => post(`p${i}`)));
    let again: Promise<void> | undefined;
    it.during(async () => {
      again ??= it.store.dispatch(scoreStale());
    });
    await it.store.dispatch(scoreStale());
    await again;
    expect(it.requests.runs).toBe(2);
    expect(it.requests.chunks.flat()).toHaveLength(60);
    expect(scoredIds(it)).toHaveLength(60);
  });

  it("leaves what was scored where the worker fails, and can be asked again", async () => {
    const it = setUp(Array.from({ length: 30 }, (_, i) => post(`p${i}`)));
    const error = vi.spyOn(console, "error").mockImplementation(() => {});
    it.during(async () => {
      if (it.requests.chunks.length === 2) throw new Error("no worker");
    });
    await it.store.dispatch(scoreStale());
    expect(error).toHaveBeenCalledOnce();
    expect([scoredIds(it).length, it.store.getState().session.scoring]).toEqual([25, null]);
    it.during(async () => {});
    await it.store.dispatch(scoreStale());
    expect(scoredIds(it)).toHaveLength(30);
  });
});

describe("posts as lists show them", () => {
  it("stay the same objects where nothing of them changed", () => {
    const { store } = setUp([post("a", { tags: ["x"] }), post("b")]);
    const before = store.getState().posts.posts.entities;
    store.dispatch(postsRead([post("a", { tags: ["x"] }), post("b", { title: "New" })]));
    const now = store.getState().posts.posts.entities;
    expect(now.a).toBe(before.a);
    expect([now.b === before.b, now.b?.title]).toEqual([false, "New"]);
    store.dispatch(postsRead([post("a", { tags: ["y"] })]));
    expect(store.getState().posts.posts.entities).toMatchObject({ a: { tags: ["y"] } });
    expect(store.getState().posts.posts.ids).toEqual(["a"]);
  });
});
