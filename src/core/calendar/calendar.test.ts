import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { momentIn, partsIn } from "../site/zonedTime";
import { RUNS } from "../testing/runs";
import { writeCalendar } from "./ical";
import {
  daysBetween,
  daysLater,
  freeSlots,
  type Slip,
  slipOf,
  warnings,
  weekday,
  weekOf,
  weeksOfMonth,
} from "./plan";

const LONDON = "Europe/London";
const slip = (id: string, date: string, more: Partial<Slip> = {}): Slip => ({
  id,
  title: id,
  keyword: "",
  category: "",
  kind: "scheduled",
  date,
  time: "08:00",
  ...more,
});

describe("a minute in a time zone", () => {
  it.each([
    ["in winter", "2026-12-03", "08:00", "2026-12-03T08:00:00.000Z"],
    ["in summer", "2026-07-03", "08:00", "2026-07-03T07:00:00.000Z"],
    ["on the day that the clocks go forward", "2026-03-29", "08:00", "2026-03-29T07:00:00.000Z"],
    ["that the clocks skip", "2026-03-29", "01:30", "2026-03-29T01:30:00.000Z"],
    ["that the clocks show twice, the first time", "2026-10-25", "01:30", "2026-10-25T00:30:00.000Z"],
    ["on the day that they go back", "2026-10-25", "08:00", "2026-10-25T08:00:00.000Z"],
  ])("%s", (_what, date, time, moment) => expect(momentIn(date, time, LONDON)).toBe(moment));

  it("is the same there and back, wherever it is", () =>
    fc.assert(
      fc.property(
        fc.constantFrom(LONDON, "America/New_York", "Asia/Kolkata", "Pacific/Chatham", "UTC", "Nowhere/None"),
        fc.date({ min: new Date("2000-01-01"), max: new Date("2060-01-01"), noInvalidDate: true }),
        (timeZone, date) => {
          const moment = new Date(Math.floor(date.getTime() / 60_000) * 60_000).toISOString();
          const { date: day, time } = partsIn(moment, timeZone);
          const back = momentIn(day, time, timeZone);
          // Twice the same time in autumn: the first of the two.
          expect(partsIn(back, timeZone)).toEqual({ date: day, time });
          expect(back <= moment).toBe(true);
        },
      ),
      RUNS,
    ));
});

describe("weeks", () => {
  it("of a month are whole, from the first day on", () => {
    expect(weeksOfMonth("2026-12-15", 1).map(([first]) => first)).toEqual([
      "2026-11-30",
      "2026-12-07",
      "2026-12-14",
      "2026-12-21",
      "2026-12-28",
    ]);
    expect(weeksOfMonth("2026-02-01", 0)[0]![0]).toBe("2026-02-01");
    expect(weekOf("2026-12-03", 1)).toContain("2026-12-03");
  });
  it("have every day of the month once", () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 20_000 }), fc.integer({ min: 0, max: 6 }), (days, first) => {
        const date = daysLater("2000-01-01", days);
        const weeks = weeksOfMonth(date, first);
        expect(weeks.every(([day]) => weekday(day!) === first)).toBe(true);
        expect(weeks.flat().filter((day) => day === date)).toHaveLength(1);
        expect(daysBetween("2000-01-01", date)).toBe(days);
      }),
      RUNS,
    ));
});

describe("a slip", () => {
  const post = { id: "a", title: "A", keyword: "", categories: ["c"], status: "draft", date: "", due: "" };
  it.each([
    [{ ...post }, null],
    [
      { ...post, due: "2026-12-01" },
      { kind: "due", date: "2026-12-01", time: "" },
    ],
    [
      { ...post, status: "scheduled", publishAt: "2026-07-01T07:00:00Z" },
      { kind: "scheduled", date: "2026-07-01", time: "08:00" },
    ],
    [
      { ...post, status: "live", date: "2026-03-14" },
      { kind: "live", date: "2026-03-14", time: "" },
    ],
    [{ ...post, status: "live", date: "soon" }, null],
  ])("of %j is %j", (one, expected) => {
    const result = slipOf(one, LONDON);
    if (expected) expect(result).toMatchObject(expected);
    else expect(result).toBeNull();
  });
});

describe("free slots", () => {
  const pattern = { days: [1, 4], time: "08:00" };
  it("are the days of the pattern that no post has, from now on", () => {
    const slips = [slip("a", "2026-12-03"), slip("b", "2026-12-07", { kind: "due" })];
    expect(freeSlots(pattern, slips, "2026-11-30T09:00:00.000Z", LONDON, 3).map(({ date }) => date)).toEqual([
      // The Monday of today is past eight, the Thursday is taken, and a due date takes no slot.
      "2026-12-07",
      "2026-12-10",
      "2026-12-14",
    ]);
  });
  it("stay at their time across a change of the clocks", () =>
    expect(freeSlots(pattern, [], "2026-03-25T00:00:00.000Z", LONDON, 2).map(({ at }) => at)).toEqual([
      "2026-03-26T08:00:00.000Z",
      "2026-03-30T07:00:00.000Z",
    ]));
  it("of no days are none", () =>
    expect(freeSlots({ days: [], time: "08:00" }, [], "2026-01-01T00:00:00Z", "UTC", 5)).toEqual([]));
});

it("warns of what stands too close", () => {
  const says = (slips: Slip[]) =>
    warnings(
      slips,
      (keyword) => keyword.toLowerCase(),
      () => "Care",
      "2026-12-01",
      (date) => date,
    ).map((one) => one.says);
  expect(
    says([slip("a", "2026-12-03", { keyword: "Bike" }), slip("b", "2026-12-20", { keyword: "bike" })]),
  ).toEqual(["“a” and “b” have one target, “Bike”, within 17 days."]);
  expect(says([slip("a", "2026-12-03"), slip("b", "2026-12-03", { time: "08:40" })])).toEqual([
    "“a” and “b” go out within one hour.",
  ]);
  expect(says(["a", "b", "c"].map((id, at) => slip(id, `2026-12-0${at + 3}`, { category: "care" })))).toEqual(
    ["3 posts in a row are of “Care”, up to 2026-12-05."],
  );
  expect(says([slip("a", "2026-11-30", { kind: "due" }), slip("b", "2026-12-01", { kind: "due" })])).toEqual([
    "“a” was due on 2026-11-30.",
  ]);
  // What is live already cannot be moved.
  expect(
    says([
      slip("a", "2026-10-03", { keyword: "x", kind: "live" }),
      slip("b", "2026-10-04", { keyword: "x", kind: "live" }),
    ]),
  ).toEqual([]);
});

it("goes out as a file whose lines are short and whose texts are whole", () => {
  fc.assert(
    fc.property(fc.string({ unit: "grapheme", maxLength: 200 }), (title) => {
      const file = writeCalendar(
        [{ ...slip("a", "2026-12-03", { title }), at: "2026-12-03T08:00:00.000Z" }],
        "Posts",
        "x.example",
        "2026-11-28T10:00:00.000Z",
      );
      const lines = file.split("\r\n");
      for (const line of lines) expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
      const unfolded = file.replaceAll("\r\n ", "").split("\r\n");
      expect(unfolded).toContain("DTSTART:20261203T080000Z");
      expect(unfolded.filter((line) => line.startsWith("SUMMARY:"))).toHaveLength(1);
      expect(unfolded.every((line) => line === "" || /^[A-Z-]+[;:]/.test(line))).toBe(true);
    }),
    RUNS,
  );
  const day = writeCalendar(
    [{ ...slip("a", "2026-12-31", { kind: "due" }), at: "" }],
    "Posts",
    "x.example",
    "2026-11-28T10:00:00.000Z",
  );
  expect(day).toContain("DTSTART;VALUE=DATE:20261231\r\nDTEND;VALUE=DATE:20270101");
});
