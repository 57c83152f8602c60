import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { RUNS } from "../../../core/testing/runs";
import type { PostScore } from "../../../data/model";
import { distribution, meanOverTime } from "./portfolio";
import { worstChecks } from "./worstChecks";

const finding = (id: string, gain: number) =>
  ({ id, name: id.toUpperCase(), gain }) as PostScore["findings"][number];

describe("the site as a whole", () => {
  it("puts every post in one ten", () => {
    expect(distribution([0, 9.9, 10, 99, 100].map((score) => ({ score })))).toEqual([
      2, 1, 0, 0, 0, 0, 0, 0, 0, 2,
    ]);
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 100, noNaN: true })), (scores) => {
        const sum = distribution(scores.map((score) => ({ score }))).reduce((total, n) => total + n, 0);
        expect(sum).toBe(scores.length);
      }),
      RUNS,
    );
  });

  it("orders checks by what all posts could gain, and counts the posts", () => {
    const scores = [
      { findings: [finding("a", 2), finding("b", 5), finding("c", 0)] },
      { findings: [finding("a", 4), finding("c", 0.01)] },
    ];
    expect(worstChecks(scores)).toEqual([
      { id: "a", name: "A", posts: 2, gain: 6 },
      { id: "b", name: "B", posts: 1, gain: 5 },
    ]);
  });

  it("follows the mean from day to day", () => {
    const versions = [
      { postId: "a", savedAt: "2026-11-02T10:00:00Z", score: 50 },
      { postId: "a", savedAt: "2026-11-01T10:00:00Z", score: 40 },
      { postId: "a", savedAt: "2026-11-01T12:00:00Z", score: 44 },
      { postId: "gone", savedAt: "2026-11-01T12:00:00Z", score: 1 },
      { postId: "b", savedAt: "2026-11-03T12:00:00Z", score: null },
    ];
    const now = new Map([
      ["a", 60],
      ["b", 80],
    ]);
    expect(meanOverTime(versions, now, "2026-11-25")).toEqual([
      { day: "2026-11-01", mean: 62 },
      { day: "2026-11-02", mean: 65 },
      { day: "2026-11-25", mean: 70 },
    ]);
    expect(meanOverTime([], new Map(), "2026-11-25")).toEqual([]);
  });
});
