import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { RUNS } from "../testing/runs";
import type { Finding } from "./finding";
import { pathTo } from "./path";

type Step = Parameters<typeof pathTo>[0][number];
const step = (id: string, gain: number, effort: Finding["effort"] = "minutes"): Step => ({
  id: id as Step["id"],
  name: id,
  gain,
  effort,
  state: "judged",
  share: 0,
  weight: gain,
});
const ids = (path: { steps: readonly Step[] }) => path.steps.map(({ id }) => id);

describe("the way to a score", () => {
  it.each<[string, Step[], number, string[]]>([
    ["is empty where it is reached", [step("a", 5)], 40, []],
    ["takes the fewest", [step("a", 2), step("b", 3), step("c", 6)], 55, ["c"]],
    ["takes the easier of two that do", [step("a", 6, "longer"), step("b", 5, "seconds")], 54, ["b"]],
    [
      "takes fewer before easier",
      [step("a", 6, "longer"), step("b", 3, "seconds"), step("c", 3, "seconds")],
      56,
      ["a"],
    ],
    [
      "goes from the easiest to the longest",
      [step("a", 6, "longer"), step("b", 4, "seconds")],
      60,
      ["b", "a"],
    ],
    ["takes what gains most of equal effort", [step("a", 5), step("b", 6)], 54, ["b"]],
  ])("%s", (_what, findings, target, expected) => {
    expect(ids(pathTo(findings, 50, target))).toEqual(expected);
  });

  it("says when not even all is enough", () => {
    const path = pathTo([step("a", 5), step("b", 5)], 50, 70);
    expect(path).toMatchObject({ enough: false, reaches: 60 });
    expect(ids(path)).toEqual(["a", "b"]);
  });

  it("reaches the target with as few steps as any choice, and none is idle", () => {
    const findings = fc.array(
      fc.record({
        gain: fc.integer({ min: 1, max: 12 }),
        effort: fc.constantFrom("seconds" as const, "minutes" as const, "longer" as const),
      }),
      { maxLength: 8 },
    );
    fc.assert(
      fc.property(findings, fc.integer({ min: 1, max: 50 }), (raw, need) => {
        const all = raw.map(({ gain, effort }, i) => step(`s${i}`, gain, effort));
        const path = pathTo(all, 40, 40 + need);
        const sum = path.steps.reduce((total, { gain }) => total + gain, 0);
        expect(path.reaches).toBeCloseTo(40 + sum, 9);
        const subsets = Array.from({ length: 2 ** all.length }, (_, bits) =>
          all.filter((_step, i) => bits & (1 << i)),
        );
        const enough = subsets.filter((some) => some.reduce((total, { gain }) => total + gain, 0) >= need);
        expect(path.enough).toBe(enough.length > 0);
        if (path.enough) {
          expect(sum).toBeGreaterThanOrEqual(need);
          expect(path.steps).toHaveLength(Math.min(...enough.map(({ length }) => length)));
        }
      }),
      RUNS,
    );
  });
});
