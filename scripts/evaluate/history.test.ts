import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { competitors } from "../../bench/measures/competitors";
import { matching } from "../../bench/measures/matching";
import { terms } from "../../bench/measures/terms";
import { evaluationPage, history, type Kept, PAGE } from "./history";

const run = (date: string, ...figures: [string, number, number, boolean?][]): Kept => ({
  date,
  note: `note of ${date}`,
  measures: [
    {
      title: "Speed",
      says: "Ratios.",
      data: "here",
      figures: figures.map(([what, value, aim, less]) => ({ what, value, aim, ...(less && { less }) })),
    },
  ],
});

describe("the page of the evaluation", () => {
  it("shows the newest run first, beside what was before, and marks what is not reached", () => {
    const page = evaluationPage([
      run("2026-01-01", ["a key", 4, 1.5, true]),
      run("2026-01-02", ["a key", 2, 1.5, true], ["found", 0.96, 0.95]),
    ]);
    expect(page).toContain("|  | Aim | 2026-01-02 | 2026-01-01 |");
    expect(page).toContain("| a key | 1.50 or less | 2.00 \u2717 | 4.00 |");
    expect(page).toContain("| found | 0.950 or more | 0.960 |  |");
    expect(page).toContain("- 2026-01-02: note of 2026-01-02\n- 2026-01-01");
  });

  it("keeps in sight what is measured no more", () => {
    const page = evaluationPage([
      run("2026-01-01", ["a key", 4, 1.5, true], ["old pairs", 0.9, 0.95]),
      run("2026-01-02", ["a key", 2, 1.5, true]),
    ]);
    expect(page).toContain("| old pairs | 0.950 or more |  | 0.900 |");
  });

  it("is nothing of nothing", () => expect(evaluationPage([])).toBe(""));

  it("is what is kept", () => expect(readFileSync(PAGE, "utf8")).toBe(evaluationPage(history())));

  it.each([matching, competitors, terms])("says what is measured today: $title", (measure) => {
    const kept = history()
      .at(-1)!
      .measures.find(({ title }) => title === measure.title)!;
    const rounded = (figures: Kept["measures"][number]["figures"]) =>
      figures.map(({ what, value }) => `${what} ${value.toFixed(3)}`);
    expect(rounded(kept.figures)).toEqual(rounded(measure.figures()));
    expect(kept.data).toBe(measure.data());
  });
});
