import { expect, it } from "vitest";
import { evaluateField } from "./competitorsEvaluation";

it("the analysis finds what the pages of the stand-in web were written to cover", () => {
  const all = evaluateField();
  const mean = (of: (one: (typeof all)[number]) => number) =>
    all.reduce((sum, one) => sum + of(one), 0) / all.length;
  expect(all).toHaveLength(5);
  // What was measured is in docs/scoring.md; these are floors below which something broke.
  expect(mean(({ topics }) => topics.precision)).toBeGreaterThan(0.87);
  expect(mean(({ topics }) => topics.recall)).toBeGreaterThan(0.77);
  expect(mean(({ terms }) => terms.precision)).toBeGreaterThan(0.75);
  expect(mean(({ terms }) => terms.recall)).toBeGreaterThan(0.9);
});
