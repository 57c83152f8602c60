/** Collecting competing pages: what is asked, what is kept, and what is said where nothing could be read. */
import { beforeEach, describe, expect, it, vi } from "vitest";
import { getCompetitorBody, listCompetitors } from "../../../data/competitors";
import { db } from "../../../data/db";
import { newPost } from "../../../data/newPost";
import { addPost } from "../../../data/posts";
import { emptySite } from "../../../data/settings";
import { createCompetitorsApi } from "../../../workers/competitorsApi";
import { postOpened } from "../../store/openPostSlice";
import { lastNotice } from "../../testing/notices";
import { createTestStore } from "../../testing/testStore";
import { collect, stopCollecting } from "./collecting";

const NOW = "2026-11-28T10:00:00.000Z";
const post = newPost("p", emptySite, NOW, { keyword: "cargo bike" });
const html = (title: string) =>
  `<html lang="en"><head><title>${title}</title></head><body><main><h1>${title}</h1><h2>How long does a cargo bike last</h2>${"<p>A cargo bike carries children and shopping through the town every day of the week.</p>".repeat(12)}</main></body></html>`;
const RANKING = ["one", "two", "gone"].map((name) => ({
  address: `https://${name}.example/`,
  title: name,
  site: name,
}));
const choice = { search: true, addresses: [], files: [], sources: [], keepPages: false };

function setUp(read?: (address: string) => Promise<unknown>) {
  const api = createCompetitorsApi();
  const { store, dependencies } = createTestStore({
    workers: {
      competitors: {
        ...api,
        analyse: async (...args: Parameters<typeof api.analyse>) => api.analyse(...args),
        endReading: async (job: string) => api.endReading(job),
        readSource: async (...args: Parameters<typeof api.readSource>) => api.readSource(...args),
        readAddress: async (_job: string, address: string) => {
          if (read) return read(address);
          if (address.includes("gone")) throw new Error("There is no such page.");
          return { page: api.readSource(html(address), address, "en"), standIn: true };
        },
      },
    },
    search: {
      ask: (async (_connection: unknown, operation: string) =>
        operation === "regions"
          ? { regions: [{ code: "uk", name: "United Kingdom" }] }
          : operation === "ranking"
            ? { standIn: true, pages: RANKING }
            : { ideas: [] }) as never,
    },
  });
  store.dispatch(postOpened({ post, outline: [] }));
  return { store, dependencies };
}

beforeEach(async () => {
  await Promise.all(db.tables.map((table) => table.clear()));
  await addPost(post);
});

describe("collecting", () => {
  it("reads what ranks, keeps it with the post, and says which page was not read", async () => {
    const { store, dependencies } = setUp();
    await store.dispatch(collect(post, choice));
    const [kept] = await listCompetitors("p");
    expect(kept).toMatchObject({ keyword: "cargo bike", regionName: "United Kingdom", standIn: true });
    expect(kept!.pages.map(({ address, state, why }) => [address, state, why])).toEqual([
      ["https://one.example/", "kept", ""],
      ["https://two.example/", "kept", ""],
      ["https://gone.example/", "failed", "There is no such page."],
    ]);
    expect((await getCompetitorBody(kept!.id))!.pages).toHaveLength(2);
    const { openPost, competitors } = store.getState();
    expect([openPost.competitors!.id, competitors.analysis!.pages.length]).toEqual([kept!.id, 2]);
    expect([competitors.jobs, dependencies.collecting.size]).toEqual([{}, 0]);
  });

  it("keeps nothing where no page could be read, and says why", async () => {
    const { store } = setUp(() => Promise.reject(new Error("It is loopback.")));
    await store.dispatch(collect(post, choice));
    expect(await listCompetitors("p")).toEqual([]);
    expect(lastNotice()!.text).toBe(
      "No page could be read: It is loopback. Any pages collected earlier are unchanged.",
    );
  });

  it("keeps what was read by the time it is stopped", async () => {
    const api = createCompetitorsApi();
    const { store } = setUp(async (address) => {
      if (!address.includes("one")) {
        const outcomes = () => store.getState().competitors.jobs.p!.outcomes.length;
        await vi.waitFor(() => expect(outcomes()).toBeGreaterThan(0), { timeout: 20_000 });
        store.dispatch(stopCollecting("p"));
        throw new Error("Cancelled.");
      }
      return { page: api.readSource(html(address), address, "en"), standIn: true };
    });
    await store.dispatch(collect(post, choice));
    const [kept] = await listCompetitors("p");
    expect(kept!.pages.filter(({ state }) => state === "kept").length).toBeGreaterThan(0);
    expect(store.getState().competitors.jobs).toEqual({});
  });

  it("collects once at a time for a post", async () => {
    const { store } = setUp();
    await Promise.all([store.dispatch(collect(post, choice)), store.dispatch(collect(post, choice))]);
    expect(await listCompetitors("p")).toHaveLength(1);
  });
});
