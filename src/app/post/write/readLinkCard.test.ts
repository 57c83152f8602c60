import { beforeEach, describe, expect, it, vi } from "vitest";
import { db } from "../../../data/db";
import { newPost } from "../../../data/newPost";
import { emptySite } from "../../../data/settings";
import { PageNotRead } from "../../../services/pages/pageReader";
import { postsRead } from "../../store/postsSlice";
import { createTestStore } from "../../testing/testStore";
import { readLinkCard } from "./readLinkCard";

const page = (meta: object) => ({
  page: {
    title: "In the head",
    description: "What it is.",
    draft: { meta: { title: "", socialPicture: "", ...meta } },
  },
  standIn: true,
});
beforeEach(async () => {
  await Promise.all(db.tables.map((table) => table.clear()));
  vi.stubGlobal("navigator", { storage: { estimate: async () => ({ usage: 0, quota: 1e9 }) } });
});

function setUp(pages: object) {
  const { store } = createTestStore({ pages });
  store.dispatch(
    postsRead([
      newPost("p", emptySite, "2026-11-28T10:00:00.000Z", {
        title: "Tyres",
        slug: "tyres",
        description: "For search.",
        excerpt: "For lists.",
        leadPicture: { src: "asset:1", alt: "A tyre" },
      }),
    ]),
  );
  return (href: string, signal = new AbortController().signal) => store.dispatch(readLinkCard(href, signal));
}

describe("the card of a link", () => {
  it.each(["/blog/tyres", "https://my-site.example/blog/tyres/"])(
    "of a post of the site is what its list pages show, without asking anybody: %s",
    async (href) => {
      const read = setUp({ readAddress: () => Promise.reject(new Error("asked")) });
      expect(await read(href)).toEqual({ title: "Tyres", description: "For lists.", picture: "asset:1" });
    },
  );

  it("of another page is what its head says, without its picture where that cannot be had", async () => {
    const asked: string[] = [];
    const read = setUp({
      readAddress: async () => page({ title: "Studs", socialPicture: "/studs.jpg" }),
      readPicture: async (address: string) => {
        asked.push(address);
        throw new PageNotRead("not-a-page", "What is at this address is not a picture.");
      },
    });
    expect(await read("https://oakandsleet.example/a/b")).toEqual({
      title: "Studs",
      description: "What it is.",
      picture: "",
    });
    expect(asked).toEqual(["https://oakandsleet.example/studs.jpg"]);
  });

  it("keeps no picture that is none", async () => {
    const read = setUp({
      readAddress: async () => page({ socialPicture: "https://a.example/x.jpg" }),
      readPicture: async () => new Blob(["<svg onload=alert(1)>"]),
    });
    expect(await read("https://a.example/")).toMatchObject({ title: "In the head", picture: "" });
    expect(await db.assets.count()).toBe(0);
  });

  it("of a page that cannot be read is none, and says why", async () => {
    const read = setUp({
      readAddress: async () => Promise.reject(new PageNotRead("page-failed", "There is no such page.")),
    });
    await expect(read("https://a.example/")).rejects.toThrow("There is no such page.");
  });
});
