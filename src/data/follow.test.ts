/** What follows the database hears of changes, but in the midst of writing not of each. */
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { db } from "./db";
import { follow } from "./follow";
import { newPost } from "./newPost";
import { addPost, listPosts, savePost } from "./posts";
import { emptySite } from "./settings";

const NOW = "2026-11-24T10:00:00.000Z";

describe("following the list of posts", () => {
  let told: string[][];
  let release: (() => void)[];
  let calm: boolean;
  let end: () => void;
  const titles = () => told.at(-1)?.join();
  const until = async (so: () => boolean) => {
    await vi.waitFor(() => expect(so()).toBe(true), { timeout: 20_000 });
  };
  const settle = () => new Promise((resolve) => setTimeout(resolve, 60));
  const rename = (title: string) => savePost("a", { post: { title } }, NOW);

  beforeEach(async () => {
    await db.delete();
    await db.open();
    await addPost(newPost("a", emptySite, NOW, { title: "One" }));
    told = [];
    release = [];
    calm = true;
    end = follow(
      listPosts,
      () => {
        // Not the database's promise: what waits elsewhere must not lose what is followed.
        return calm ? Promise.resolve() : new Promise((resolve) => release.push(resolve));
      },
      (posts) => told.push(posts.map(({ title }) => title)),
    );
    await until(() => titles() === "One");
  });
  afterEach(() => end());

  it("tells each change, and goes on after it", async () => {
    for (const title of ["Two", "Three", "Four"]) {
      await rename(title);
      await until(() => titles() === title);
    }
    end();
    await rename("Five");
    await settle();
    expect(titles()).toBe("Four");
  });

  it("waits for calm, then tells once what holds, and follows on", async () => {
    calm = false;
    for (const title of ["Two", "Three", "Four"]) {
      await rename(title);
      await settle();
    }
    expect(told).toHaveLength(1);
    expect(release).toHaveLength(1);
    calm = true;
    for (const go of release) go();
    await until(() => titles() === "Four");
    await settle();
    expect(told).toHaveLength(2);
    await rename("Five");
    await until(() => titles() === "Five");
  });
});
