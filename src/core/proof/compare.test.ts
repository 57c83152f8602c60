import fc from "fast-check";
import { expect, it } from "vitest";
import { anyDraft } from "../testing/arbitraries";
import { draftOf } from "../testing/draftOf";
import { RUNS } from "../testing/runs";
import { compareReports } from "./compare";
import { proof } from "./proof";

it("says first what moved the score most", () => {
  const before = proof(draftOf("Text."));
  const after = proof(
    draftOf("Text.", { keyword: "bike", metaTitle: "Bike, bike, bike and a bike for the way home" }),
  );
  const [first, second] = compareReports(before.findings, after.findings);
  expect(first!.id).toBe("keyword-in-title");
  expect(first!.difference).toBeGreaterThan(second!.difference);
});

it("takes a check apart that only one report has", () => {
  const { findings } = proof(draftOf("Text."));
  const without = findings.filter(({ id }) => id !== "length");
  expect(compareReports(without, findings).find(({ id }) => id === "length")).toMatchObject({ before: null });
});

it("its differences sum to that of the scores", () => {
  fc.assert(
    fc.property(anyDraft, anyDraft, (a, b) => {
      const [before, after] = [proof(a), proof(b)];
      const sum = compareReports(before.findings, after.findings).reduce(
        (total, { difference }) => total + difference,
        0,
      );
      expect(sum).toBeCloseTo(after.uncapped - before.uncapped, 8);
    }),
    RUNS,
  );
});
