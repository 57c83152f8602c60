import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { dateOf, firstDayOfWeek, isoDay } from "./calendarDays";
import { day, dayAndTime, shortDay } from "./dates";

describe("days", () => {
  it.each([
    ["2026-12-03", true],
    ["2024-02-29", true],
    ["2026-02-29", false],
    ["2026-13-01", false],
    ["2026-12-3", false],
    ["", false],
    ["tomorrow", false],
  ])("%s is a day: %s", (iso, sound) => {
    expect(dateOf(iso) !== undefined).toBe(sound);
  });

  it("go into text and back", () => {
    fc.assert(
      fc.property(
        fc.date({ min: new Date(0), max: new Date("2999-12-31"), noInvalidDate: true }),
        (date) => isoDay(dateOf(isoDay(date))!) === isoDay(date),
      ),
    );
  });

  it("have their year only where it is another one", () => {
    const today = new Date("2026-11-28T12:00:00");
    expect(shortDay("2026-12-03", today)).not.toContain("2026");
    expect(shortDay("2025-12-03", today)).toContain("2025");
    expect(shortDay("", today)).toBe("");
  });

  it("that are not known are said to be undated", () => {
    expect([day(""), dayAndTime("")]).toEqual(["undated", "undated"]);
  });

  it.each([
    ["en-GB", 1],
    ["en-US", 0],
    ["ar-EG", 6],
  ])("begin the week in %s with %i", (locale, first) => {
    expect(firstDayOfWeek(locale)).toBe(first);
  });
});
