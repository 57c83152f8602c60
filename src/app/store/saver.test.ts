/** When a change is stored: after its delay, later while more of it comes, and what failed again after a while. */
import fc from "fast-check";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { createSaver, type SaverStatus } from "./saver";

interface Change {
  text?: string;
  field?: string;
  restsIn?: () => number;
}

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
});

function start(save: (change: Change) => Promise<void> = () => Promise.resolve()) {
  const began = Date.now();
  const stored: { at: number; change: Change }[] = [];
  const states: string[] = [];
  const saver = createSaver<Change>(
    async (_key, change) => {
      await save(change);
      stored.push({ at: Date.now() - began, change });
    },
    ({ state }: SaverStatus) => states.push(state),
    undefined,
    ({ text }) => (text === undefined ? 150 : 700),
    ({ restsIn }) => restsIn?.() ?? 0,
  );
  return { saver, stored, states, now: () => Date.now() - began };
}

it("stores a field sooner than a text", async () => {
  const { saver, stored } = start();
  saver.note("a", { field: "title" });
  saver.note("b", { text: "one" });
  await vi.advanceTimersByTimeAsync(149);
  expect(stored).toEqual([]);
  await vi.advanceTimersByTimeAsync(1);
  // What waits longer goes with it: the page is at it anyway.
  expect(stored.map(({ change }) => change)).toEqual([{ field: "title" }, { text: "one" }]);
});

it("waits for a text to rest, and no longer than it says", async () => {
  const { saver, stored, now } = start();
  let lastKey = 0;
  saver.note("a", { text: "t", restsIn: () => Math.min(lastKey + 700, 3000) - now() });
  for (let key = 0; key < 40; key++) {
    await vi.advanceTimersByTimeAsync(100);
    lastKey = now();
  }
  expect(stored.map(({ at }) => at)).toEqual([3000]);
});

it("a field that comes meanwhile takes the text with it, once its own delay is over", async () => {
  const { saver, stored, now } = start();
  saver.note("a", { text: "t", restsIn: () => 3000 - now() });
  saver.note("b", { field: "slug" });
  await vi.advanceTimersByTimeAsync(3000);
  expect(stored.map(({ at, change }) => [at, change.field ?? change.text])).toEqual([
    [150, "t"],
    [150, "slug"],
  ]);
});

it("is stored at once where that is asked for, however little it rests", async () => {
  const { saver, stored } = start();
  saver.note("a", { text: "t", restsIn: () => 10_000 });
  await saver.flush();
  expect(stored.length).toBe(1);
  await vi.advanceTimersByTimeAsync(20_000);
  expect(stored.length).toBe(1);
});

it("what was taken out is not stored, and no timer goes on for it", async () => {
  const { saver, stored } = start();
  saver.note("a", { text: "t", restsIn: () => 5000 });
  expect(saver.release("a")?.text).toBe("t");
  await vi.advanceTimersByTimeAsync(20_000);
  expect(stored).toEqual([]);
  expect(vi.getTimerCount()).toBe(0);
});

it("what failed is tried again, twice as long after each time, and is lost with none", async () => {
  let failures = 3;
  const { saver, stored, states, now } = start(async () => {
    if (failures-- > 0) throw new Error("The disk is full.");
  });
  saver.note("a", { field: "title" });
  await vi.advanceTimersByTimeAsync(150);
  expect(states.at(-1)).toBe("failed");
  saver.note("a", { text: "more" });
  await vi.advanceTimersByTimeAsync(20_000);
  // 150, then 2, 4 and 8 seconds later.
  expect(stored.map(({ at, change }) => [at, change])).toEqual([[14_150, { field: "title", text: "more" }]]);
  expect(states.at(-1)).toBe("saved");
  expect(now()).toBe(20_150);
});

it("with any keys at any moments: every change is stored, and none later than its latest", async () => {
  const gaps = fc.array(fc.integer({ min: 1, max: 1500 }), { minLength: 1, maxLength: 30 });
  await fc.assert(
    fc.asyncProperty(gaps, async (between) => {
      const { saver, stored, now } = start();
      let lastKey = 0;
      const latest: number[] = [];
      for (const gap of between) {
        lastKey = now();
        // What waits takes later keys with it.
        if (stored.length === latest.length) {
          const until = lastKey + 3000;
          latest.push(until);
          saver.note("a", { text: "t", restsIn: () => Math.min(lastKey + 700, until) - now() });
        }
        await vi.advanceTimersByTimeAsync(gap);
      }
      await vi.advanceTimersByTimeAsync(3000);
      expect(stored.length).toBe(latest.length);
      for (const [n, { at }] of stored.entries()) expect(at).toBeLessThanOrEqual(latest[n]!);
    }),
    { numRuns: 60 },
  );
});
