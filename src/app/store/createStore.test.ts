/** What changes of the open post is saved, by the store that is asked to change it. */
import { afterAll, beforeEach, describe, expect, it, vi } from "vitest";
import { db } from "../../data/db";
import { newPost } from "../../data/newPost";
import { getPlan } from "../../data/plans";
import { addPost, getPost, listPosts, savePost } from "../../data/posts";
import { emptySite } from "../../data/settings";
import { createTestStore } from "../testing/testStore";
import { outlineItemAdded, postEdited, postOpened, readOnlyChanged } from "./openPostSlice";
import { postsRead, scoresArrived } from "./postsSlice";
import { showScores } from "./scoreActions";
import { selectScoreById } from "./selectors";
import { stageOfWork } from "./stageOfWork";

const NOW = "2026-11-28T10:00:00.000Z";
const post = newPost("p", emptySite, NOW, { stage: "plan" });
const score = { postId: "p", score: 50, words: 10 } as never;

beforeEach(async () => {
  vi.stubGlobal("window", { location: { pathname: "/post/p/write" } });
  await Promise.all(db.tables.map((table) => table.clear()));
  await addPost(post);
});

afterAll(() => {
  vi.unstubAllGlobals();
});

describe("the open post", () => {
  it("is saved as it is changed, and its stage follows where it is worked on", async () => {
    const { store, dependencies } = createTestStore();
    store.dispatch(postOpened({ post, outline: [] }));
    store.dispatch(postEdited({ title: "New", slug: "new" }));
    store.dispatch(outlineItemAdded({ item: { id: "a", level: 2, text: "First", note: "" }, at: 0 }));
    await dependencies.saver.flush();
    expect(await getPost("p")).toMatchObject({ title: "New", slug: "new", stage: "write" });
    expect((await getPlan("p")).items).toMatchObject([{ text: "First" }]);
    expect(store.getState().openPost.saving.state).not.toBe("failed");
  });

  it("is not saved from a tab that only reads it", async () => {
    const { store, dependencies } = createTestStore();
    store.dispatch(postOpened({ post, outline: [] }));
    store.dispatch(readOnlyChanged(true));
    store.dispatch(postEdited({ title: "Not mine" }));
    await dependencies.saver.flush();
    expect((await getPost("p"))!.title).toBe("");
  });

  it("is as another tab stored it, but for what is typed here", async () => {
    const { store, dependencies } = createTestStore();
    const open = () => store.getState().openPost.post!;
    store.dispatch(postOpened({ post, outline: [] }));
    await savePost("p", { post: { status: "live", publishAt: NOW } }, NOW);
    store.dispatch(postsRead(await listPosts()));
    await vi.waitFor(() => expect(open()).toMatchObject({ status: "live", publishAt: NOW }));

    const old = await listPosts();
    store.dispatch(postEdited({ title: "Typed" }));
    store.dispatch(postsRead(old));
    await dependencies.saver.flush();
    store.dispatch(postsRead(old));
    await savePost("p", { post: { status: "withdrawn" } }, NOW);
    store.dispatch(postsRead(await listPosts()));
    await vi.waitFor(() => expect(open()).toMatchObject({ status: "withdrawn" }));
    expect(open().title).toBe("Typed");
  });

  it("is as it was stored while it was being opened", async () => {
    const { store } = createTestStore();
    // Sent to the blog between its being read and its being there.
    await savePost("p", { post: { status: "live", publishAt: NOW } }, NOW);
    store.dispatch(postsRead(await listPosts()));
    store.dispatch(postOpened({ post, outline: [] }));
    await vi.waitFor(() =>
      expect(store.getState().openPost.post).toMatchObject({ status: "live", publishAt: NOW }),
    );
  });

  it.each([
    ["/post/p/plan", null],
    ["/post/p/proof", "proof"],
    ["/keywords/lists", null],
    ["/post/p/nowhere", null],
  ])("at %s it is in stage %s", (path, stage) => expect(stageOfWork(post, path)).toBe(stage));

  it("stays in its stage once it is live", () =>
    expect(stageOfWork({ ...post, status: "live" }, "/post/p/proof")).toBeNull());
});

describe("scores", () => {
  it("are told to other tabs, and those of other tabs are heard", () => {
    const told: unknown[] = [];
    let hear: (scores: never[]) => void = () => {};
    const { store } = createTestStore({
      scores: {
        tell: (scores) => void told.push(scores),
        listen: (heard) => {
          hear = heard as never;
        },
      },
    });
    store.dispatch(showScores([score]));
    store.dispatch(showScores([]));
    expect(told).toEqual([[score]]);
    hear([{ postId: "q", score: 70 } as never]);
    expect(selectScoreById(store.getState(), "q")).toMatchObject({ score: 70 });
    store.dispatch(scoresArrived([]));
    expect(selectScoreById(store.getState(), "p")).toMatchObject({ score: 50 });
  });
});
