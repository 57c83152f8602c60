import { describe, expect, it } from "vitest";
import { readPage } from "../core/competitors/page";
import { collectPages, type PageOutcome, type PageToRead } from "./collectPages";

const pages = (n: number): PageToRead[] =>
  Array.from({ length: n }, (_, rank) => ({
    address: `https://${rank}.example/`,
    title: `${rank}`,
    site: "",
    rank,
  }));
const page = readPage("<title>x</title><p>y</p>", "https://x.example/");

describe("collecting pages", () => {
  it("tells of each page, read or failed, a few at a time", async () => {
    const outcomes: PageOutcome[] = [];
    let now = 0;
    let most = 0;
    await collectPages(
      pages(10),
      async (address) => {
        most = Math.max(most, ++now);
        await new Promise((resolve) => setTimeout(resolve, 1));
        now--;
        if (address.includes("3")) throw new Error("no such page");
        return { page, standIn: true };
      },
      (outcome) => outcomes.push(outcome),
      new AbortController().signal,
    );
    expect(outcomes).toHaveLength(10);
    expect(outcomes.filter((one) => "failed" in one)).toMatchObject([
      { target: { rank: 3 }, failed: "no such page" },
    ]);
    expect(most).toBe(4);
  });
  it("keeps what was read when it is stopped, and asks for no more", async () => {
    const stop = new AbortController();
    const addresses: string[] = [];
    const outcomes: PageOutcome[] = [];
    await collectPages(
      pages(20),
      async (address) => {
        addresses.push(address);
        if (addresses.length > 6) stop.abort();
        await Promise.resolve();
        return { page, standIn: false };
      },
      (outcome) => outcomes.push(outcome),
      stop.signal,
    );
    expect(addresses.length).toBeLessThan(12);
    expect(outcomes.length).toBeGreaterThan(0);
    expect(outcomes.length).toBeLessThan(addresses.length);
  });
  it("asks for nothing where there are no pages", async () => {
    const addresses: string[] = [];
    const read = (address: string) => {
      addresses.push(address);
      return Promise.reject(new Error("never"));
    };
    await collectPages([], read, () => {}, new AbortController().signal);
    expect(addresses).toEqual([]);
  });
});
