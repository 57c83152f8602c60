/** The first sight: screens come with what they show. */
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { db } from "../../data/db";
import { newPost } from "../../data/newPost";
import { addPost } from "../../data/posts";
import { saveSite } from "../../data/saveSettings";
import { emptySite } from "../../data/settings";
import { createTestStore } from "../testing/testStore";
import { start } from "./start";

vi.mock("../publishing/startPublishing", () => ({ startPublishing: () => () => {} }));

beforeEach(() => Promise.all(db.tables.map((table) => table.clear())));
afterEach(() => {
  vi.unstubAllGlobals();
});

it("never says that there are no posts where there are", async () => {
  vi.stubGlobal("window", new EventTarget());
  vi.stubGlobal("document", new EventTarget());
  vi.stubGlobal("localStorage", {});
  vi.stubGlobal("navigator", {});
  await saveSite({ ...emptySite, name: "Ours" });
  await addPost(newPost("p", emptySite, "2026-11-28T10:00:00.000Z", { title: "Rain" }));
  const { store } = createTestStore();
  const shown: number[] = [];
  store.subscribe(() => {
    const { session, posts } = store.getState();
    if (session.start === "ready") shown.push(posts.posts.ids.length);
  });
  await store.dispatch(start());
  expect(store.getState().session).toMatchObject({ start: "ready", site: { name: "Ours" } });
  expect(shown.every((posts) => posts === 1)).toBe(true);
});
