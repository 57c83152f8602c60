/** Copies of the workspace: how many are kept, what goes first, and that the last ones never go for room. */
import { beforeEach, describe, expect, it } from "vitest";
import {
  ALWAYS_KEPT,
  addSnapshot,
  deleteSnapshot,
  dropSurplusSnapshot,
  listSnapshots,
  restoreSnapshot,
  type Snapshot,
  snapshotFile,
  surplusOf,
} from "./snapshots";

const snapshot = (n: number, bytes = 10): Snapshot => ({
  id: `s${n}`,
  madeAt: `2026-11-${String(n).padStart(2, "0")}T10:00:00.000Z`,
  why: "Before a file was opened",
  siteName: "The Long Haul",
  posts: n,
  bytes,
});
const file = (text: string) => new Blob([text]);
const ids = async () => (await listSnapshots()).map(({ id }) => id);
const addAll = async (count: number, room?: number) => {
  for (let n = 1; n <= count; n++) await addSnapshot(snapshot(n), file(`file ${n}`), room);
};

beforeEach(async () => {
  for (const { id } of await listSnapshots()) await deleteSnapshot(id);
});

describe("copies of the workspace", () => {
  it("are listed with the latest first, each with its file", async () => {
    await addAll(2);
    expect(await ids()).toEqual(["s2", "s1"]);
    expect(await (await snapshotFile("s1")).text()).toBe("file 1");
  });

  it("are twenty at most", async () => {
    await addAll(23);
    expect(await ids()).toHaveLength(20);
    expect((await ids()).at(-1)).toBe("s4");
    await expect(snapshotFile("s1")).rejects.toThrow("This copy no longer exists.");
  });

  it("take no more than a quarter of the room, but for the last three", async () => {
    // Each has 10 bytes: 40 of 160 are four copies.
    await addAll(6, 160);
    expect(await ids()).toEqual(["s6", "s5", "s4", "s3"]);
    await addSnapshot(snapshot(7, 1000), file("large"), 160);
    expect(await ids()).toEqual(["s7", "s6", "s5"]);
  });

  it("make room where it is needed, the oldest first, and stop at the last three", async () => {
    await addAll(5);
    expect([await dropSurplusSnapshot(), await dropSurplusSnapshot(), await dropSurplusSnapshot()]).toEqual([
      true,
      true,
      false,
    ]);
    expect(await ids()).toEqual(["s5", "s4", "s3"]);
  });

  it("come back whole after being deleted", async () => {
    await addAll(2);
    const [, old] = await listSnapshots();
    const body = await snapshotFile(old!.id);
    await deleteSnapshot(old!.id);
    expect(await ids()).toEqual(["s2"]);
    await restoreSnapshot(old!, body);
    expect(await ids()).toEqual(["s2", "s1"]);
    expect(await (await snapshotFile("s1")).text()).toBe("file 1");
  });
});

it.each<[string, number[], number | undefined, number]>([
  ["none of a few", [10, 10, 10], undefined, 0],
  ["none that are always kept, however large", [1000, 1000, 1000], 10, 0],
  ["the fourth that is too large for the room", [10, 10, 10, 10], 120, 1],
  ["none where the room is not known", Array.from({ length: 20 }, () => 1e9), undefined, 0],
  ["what is beyond twenty", Array.from({ length: 25 }, () => 1), undefined, 5],
])("has to go: %s", (_what, sizes, room, gone) => {
  const all = sizes.map((bytes, i) => snapshot(28 - i, bytes));
  const surplus = surplusOf(all, room);
  expect(surplus).toEqual(all.slice(all.length - gone));
  expect(all.slice(0, ALWAYS_KEPT).some((one) => surplus.includes(one))).toBe(false);
});
