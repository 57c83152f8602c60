/** What a person decides is carried to the blog, once, by one tab; what stands in its way is said, and nothing is lost. */
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { EditorDoc } from "../../core/blocks/editorJson";
import { db } from "../../data/db";
import { getLiveCopy, saveLiveCopy } from "../../data/liveCopies";
import type { Post } from "../../data/model";
import { newPost } from "../../data/newPost";
import { listOutbox } from "../../data/outbox";
import { changeOutboxItem } from "../../data/outboxChanges";
import { addPost, getPost, listPosts, savePost } from "../../data/posts";
import { emptySite } from "../../data/settings";
import { BlogFailure } from "../../services/blog/blogFailure";
import { type FakeBlog, fakeBlog } from "../../services/blog/testing/fakeBlog";
import { postOpened, readOnlyChanged } from "../store/openPostSlice";
import { postsRead } from "../store/postsSlice";
import { noticesSaid } from "../testing/notices";
import { createTestStore } from "../testing/testStore";
import { goLive } from "./goLive";
import { takeOut } from "./outboxActions";
import { publish, sendOver, tryAgain, withdraw } from "./publish";
import { workOutbox } from "./workOutbox";

const NOW = "2026-11-28T10:00:00.000Z";
const LATER = "2099-01-01T08:00:00.000Z";
const doc = (text: string): EditorDoc => ({
  type: "doc",
  content: [{ type: "paragraph", attrs: { id: "b1" }, content: [{ type: "text", text }] }],
});

let blog: FakeBlog;
async function setUp(fields: Partial<Post> = {}, config = {}) {
  blog = fakeBlog({ onceByUid: true, takesSite: true, ...config });
  const post = newPost("p", emptySite, NOW, { title: "Rain", slug: "rain", ...fields });
  await addPost(post, doc("It rains."));
  const { store, dependencies } = createTestStore({ blog: blog.client });
  store.dispatch(postsRead([post]));
  clearTimeout(dependencies.publishing.timer);
  const settle = async () => {
    await store.dispatch(workOutbox());
    clearTimeout(dependencies.publishing.timer);
  };
  return { store, settle };
}
const states = async () => (await listOutbox()).map(({ state }) => state);
const entries = () => [...blog.posts.values()].map(({ entry }) => entry.properties);

beforeEach(() => Promise.all(db.tables.map((table) => table.clear())));

describe("publishing", () => {
  it("sends the post, keeps what was sent, and says that it is live", async () => {
    const { store, settle } = await setUp();
    await store.dispatch(publish(["p"], null));
    await settle();
    expect(entries()).toMatchObject([{ name: ["Rain"], uid: ["p"], "mp-slug": ["rain"] }]);
    expect(await getLiveCopy("p")).toMatchObject({ connection: "stand-in", address: "/1" });
    expect(await getPost("p")).toMatchObject({ status: "live" });
    expect(await states()).toEqual(["sent"]);
    expect(blog.sites).toHaveLength(1);
  });

  it("sends what it was when it was decided, and later what changed", async () => {
    const { store, settle } = await setUp();
    blog.trouble = () => "before";
    await store.dispatch(publish(["p"], null));
    await settle();
    expect(await states()).toEqual(["waiting"]);
    await savePost("p", { doc: doc("It snows.") }, NOW);
    blog.trouble = () => null;
    const [item] = await listOutbox();
    await store.dispatch(tryAgain(item!.id));
    expect(JSON.stringify(entries())).toContain("It rains.");
    await store.dispatch(publish(["p"], null));
    await settle();
    expect(JSON.stringify(entries())).toContain("It snows.");
    expect(blog.posts.size).toBe(1);
  });

  it("by a computer whose clock is ahead is dated by the blog's, here too", async () => {
    const { store, settle } = await setUp({}, { clockAhead: 600_000 });
    await store.dispatch(publish(["p"], null));
    await settle();
    const [there] = entries()[0]!.published as string[];
    expect(Date.parse(there!)).toBeLessThanOrEqual(Date.now() - 600_000);
    expect(await getPost("p")).toMatchObject({ status: "live", publishAt: there });
  });

  it("at a later moment is left to a blog that holds posts back", async () => {
    const { store, settle } = await setUp();
    await store.dispatch(publish(["p"], LATER));
    await settle();
    expect(entries()[0]!.published).toEqual([LATER]);
    expect(await getPost("p")).toMatchObject({ status: "scheduled", publishAt: LATER, date: "2099-01-01" });
  });

  it("at a later moment waits here where the blog holds nothing back, and goes at its minute", async () => {
    const { store, settle } = await setUp({}, { holdsFuture: false });
    await store.dispatch(publish(["p"], LATER));
    await settle();
    expect(blog.posts.size).toBe(0);
    const [item] = await listOutbox();
    expect(item).toMatchObject({ state: "waiting", notBefore: LATER });
    // Its minute has come while nobody was here.
    await changeOutboxItem(item!.id, { notBefore: "2026-01-01T00:00:00.000Z" });
    await settle();
    expect(blog.posts.size).toBe(1);
  });

  it("is decided of the post and for the outbox, or of neither", async () => {
    const { store } = await setUp();
    vi.spyOn(db.outbox, "add").mockRejectedValueOnce(new Error("The disk is full."));
    await expect(store.dispatch(publish(["p"], LATER))).rejects.toThrow("The disk is full.");
    expect(await getPost("p")).toMatchObject({ status: "draft" });
    expect((await getPost("p"))!.publishAt ?? "").toBe("");
  });

  it("now is decided at once, however long the blog takes to answer", async () => {
    const { store } = await setUp();
    blog.client.config = () => new Promise(() => {});
    await store.dispatch(publish(["p"], new Date().toISOString()));
    expect(await states()).toEqual(["waiting"]);
  });

  it("that the blog held back is live once its minute has come there", async () => {
    const { store, settle } = await setUp();
    const look = async () => {
      store.dispatch(postsRead(await listPosts()));
      await store.dispatch(goLive());
      return (await getPost("p"))!.status;
    };
    await store.dispatch(publish(["p"], LATER));
    await settle();
    expect(await look()).toBe("scheduled");
    // It is to go now, and the blog, which cannot be reached, holds it back until later.
    blog.trouble = () => "before";
    await store.dispatch(publish(["p"], new Date().toISOString()));
    await settle();
    expect(await look()).toBe("scheduled");

    const copy = (await getLiveCopy("p"))!;
    await saveLiveCopy({
      ...copy,
      entry: { ...copy.entry, properties: { ...copy.entry.properties, published: [NOW] } },
    });
    expect(await look()).toBe("live");
  });

  it("says why a blog refuses, and waits for somebody", async () => {
    const { store, settle } = await setUp();
    blog.client.create = async () => {
      throw new BlogFailure("forbidden", "The blog did not accept the token.", false);
    };
    await store.dispatch(publish(["p"], null));
    await settle();
    expect(await listOutbox()).toMatchObject([
      { state: "refused", says: "The blog did not accept the token." },
    ]);
    expect(await getPost("p")).toMatchObject({ status: "draft" });
    expect(
      noticesSaid()
        .map(({ text }) => text)
        .join(),
    ).toContain("did not accept the token");
  });

  it("stops at what somebody changed there, and goes on once that was looked at", async () => {
    const { store, settle } = await setUp();
    await store.dispatch(publish(["p"], null));
    await settle();
    const [, there] = [...blog.posts][0]!;
    there.entry = { ...there.entry, properties: { ...there.entry.properties, name: ["Theirs"] } };
    await savePost("p", { post: { title: "Ours" } }, NOW);
    await store.dispatch(publish(["p"], null));
    await settle();
    const [item] = (await listOutbox()).filter(({ state }) => state === "conflict");
    expect(entries()[0]!.name).toEqual(["Theirs"]);
    await store.dispatch(sendOver(item!.id));
    expect(entries()[0]!.name).toEqual(["Ours"]);
  });

  it("is taken back: from the outbox before it is sent, from the blog afterwards", async () => {
    const { store, settle } = await setUp();
    blog.trouble = () => "before";
    await store.dispatch(publish(["p"], LATER));
    await settle();
    const [item] = await listOutbox();
    await store.dispatch(takeOut(item!));
    expect(await listOutbox()).toEqual([]);
    expect(await getPost("p")).toMatchObject({ status: "draft", publishAt: "" });
    blog.trouble = () => null;
    await store.dispatch(publish(["p"], null));
    await settle();
    await store.dispatch(withdraw("p"));
    await settle();
    expect([...blog.posts.values()].map(({ deleted }) => deleted)).toEqual([true]);
    expect(await getPost("p")).toMatchObject({ status: "withdrawn" });
    expect(await getLiveCopy("p")).toBeNull();
  });

  it("of a post that no reader has seen makes it a draft again", async () => {
    const { store, settle } = await setUp();
    await store.dispatch(publish(["p"], LATER));
    await settle();
    await store.dispatch(withdraw("p"));
    await settle();
    expect([...blog.posts.values()].map(({ deleted }) => deleted)).toEqual([true]);
    expect(await getPost("p")).toMatchObject({ status: "draft", publishAt: "" });
  });

  it("of a post that is gone from the blog says so, and publishes it anew on request", async () => {
    const { store, settle } = await setUp();
    await store.dispatch(publish(["p"], null));
    await settle();
    blog.posts.clear();
    await savePost("p", { post: { title: "Ours" } }, NOW);
    await store.dispatch(publish(["p"], null));
    await settle();
    const [item] = (await listOutbox()).filter(({ state }) => state === "refused");
    expect(item!.says).toContain("no longer has this post");
    await store.dispatch(tryAgain(item!.id));
    expect(entries()).toMatchObject([{ name: ["Ours"] }]);
  });

  it("is said of the post before the outbox is done with it: a browser closed in between sends it once more", async () => {
    const { store, settle } = await setUp();
    const stored: unknown[] = [];
    const ofPost = (changes: object) => void stored.push(changes);
    const ofItem = (changes: object) => void stored.push(changes);
    db.posts.hook("updating", ofPost);
    db.outbox.hook("updating", ofItem);
    await store.dispatch(publish(["p"], null));
    await settle();
    db.posts.hook("updating").unsubscribe(ofPost);
    db.outbox.hook("updating").unsubscribe(ofItem);
    expect(stored.slice(-2)).toMatchObject([{ status: "live" }, { state: "sent" }]);
  });

  it("from a tab that only reads the post is stored, too", async () => {
    const { store, settle } = await setUp();
    store.dispatch(postOpened({ post: (await getPost("p"))!, outline: [] }));
    store.dispatch(readOnlyChanged(true));
    await store.dispatch(publish(["p"], null));
    await settle();
    expect(await getPost("p")).toMatchObject({ status: "live" });
    store.dispatch(postsRead(await listPosts()));
    await vi.waitFor(() => expect(store.getState().openPost.post).toMatchObject({ status: "live" }));
  });

  it("goes on after the outbox could not be read", async () => {
    const { store, settle } = await setUp();
    vi.spyOn(db.outbox, "toArray").mockRejectedValueOnce(new Error("The disk is busy."));
    await expect(settle()).rejects.toThrow("The disk is busy.");
    await store.dispatch(publish(["p"], null));
    await settle();
    expect(await states()).toEqual(["sent"]);
  });

  it("twice at once sends it once", async () => {
    const { store, settle } = await setUp({}, { onceByUid: false });
    await Promise.all([store.dispatch(publish(["p"], null)), store.dispatch(publish(["p"], null))]);
    await Promise.all([settle(), settle()]);
    await settle();
    expect(blog.posts.size).toBe(1);
  });
});
