/** Posts on their days: what stands where, what fills the free slots of a pattern, and what should not stand so close. */
import { momentIn, partsIn } from "../site/zonedTime";

/** A post as the calendar knows it. */
export interface Slip {
  id: string;
  title: string;
  keyword: string;
  /** Id of its primary category; empty for none. */
  category: string;
  kind: "due" | "scheduled" | "live";
  /** ISO date. */
  date: string;
  /** Hours and minutes, or empty where only the day is known. */
  time: string;
}

export interface CalendarPost {
  id: string;
  title: string;
  keyword: string;
  categories: readonly string[];
  status: string;
  date: string;
  due: string;
  publishAt?: string;
}

const DAY = 86_400_000;
const ISO_DAY = /^\d{4}-\d{2}-\d{2}$/;

/** @returns the ISO date so many days later */
export const daysLater = (date: string, days: number): string =>
  new Date(Date.parse(`${date}T00:00:00Z`) + days * DAY).toISOString().slice(0, 10);

/** Days from one date to another. */
export const daysBetween = (from: string, to: string): number =>
  Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / DAY);

/** @returns 0 for a Sunday to 6 for a Saturday */
export const weekday = (date: string): number => new Date(`${date}T00:00:00Z`).getUTCDay();

/**
 * Where a post stands: on the day that it goes or went live, else on the day that it is due.
 *
 * @returns null for a post without a day
 */
export function slipOf(post: CalendarPost, timeZone: string): Slip | null {
  const { id, title, keyword, categories, status, publishAt, date, due } = post;
  const own = { id, title, keyword, category: categories[0] ?? "" };
  if (status === "scheduled" || status === "live") {
    const kind = status;
    if (publishAt && !Number.isNaN(Date.parse(publishAt)))
      return { ...own, kind, ...partsIn(publishAt, timeZone) };
    return ISO_DAY.test(date) ? { ...own, kind, date, time: "" } : null;
  }
  return ISO_DAY.test(due) ? { ...own, kind: "due", date: due, time: "" } : null;
}

/** Weeks that show a month, each of seven ISO dates. @param firstDay of a week, 0 for Sunday */
export function weeksOfMonth(date: string, firstDay: number): string[][] {
  const first = `${date.slice(0, 7)}-01`;
  let day = daysLater(first, -((weekday(first) - firstDay + 7) % 7));
  const weeks: string[][] = [];
  do {
    weeks.push(Array.from({ length: 7 }, (_, at) => daysLater(day, at)));
    day = daysLater(day, 7);
  } while (day.slice(0, 7) === first.slice(0, 7));
  return weeks;
}

/** The week that a date is in. */
export const weekOf = (date: string, firstDay: number): string[] => {
  const first = daysLater(date, -((weekday(date) - firstDay + 7) % 7));
  return Array.from({ length: 7 }, (_, at) => daysLater(first, at));
};

/** Days of the week, and the time, at which posts go out. */
export interface Pattern {
  /** 0 for Sunday to 6. */
  days: readonly number[];
  /** Hours and minutes. */
  time: string;
}

export interface Slot {
  date: string;
  time: string;
  /** The moment (ISO). */
  at: string;
}

/**
 * Free slots of a pattern, the soonest first: days of the pattern on which no post stands at or after the moment.
 *
 * @param now ISO; slots before it are none
 * @param most slots that are looked for
 */
export function freeSlots(
  { days, time }: Pattern,
  slips: readonly Slip[],
  now: string,
  timeZone: string,
  most: number,
): Slot[] {
  if (!days.length) return [];
  const taken = new Set(slips.filter(({ kind }) => kind !== "due").map(({ date }) => date));
  const slots: Slot[] = [];
  let date = partsIn(now, timeZone).date;
  // Two years ahead is beyond any plan.
  for (let looked = 0; slots.length < most && looked < 730; looked++, date = daysLater(date, 1)) {
    if (!days.includes(weekday(date)) || taken.has(date)) continue;
    const at = momentIn(date, time, timeZone);
    if (at > now) slots.push({ date, time, at });
  }
  return slots;
}

export interface CalendarWarning {
  /** In a sentence. */
  says: string;
  ids: string[];
}

/** Days within which two posts for one target keyword compete. */
const SAME_TARGET = 30;
/** Posts of one primary category in a row that are too many. */
const IN_A_ROW = 3;

/**
 * What should be looked at.
 *
 * @param keyOf gives the same for target keywords that are the same
 * @param categoryName of a category's id
 * @param today ISO date
 * @param dayName how an ISO date is written for people
 */
export function warnings(
  slips: readonly Slip[],
  keyOf: (keyword: string) => string,
  categoryName: (id: string) => string,
  today: string,
  dayName: (date: string) => string,
): CalendarWarning[] {
  const out: CalendarWarning[] = [];
  const coming = slips
    .filter(({ kind }) => kind !== "due")
    .toSorted((a, b) => (a.date + a.time < b.date + b.time ? -1 : 1));
  for (const [at, slip] of coming.entries()) {
    const key = slip.keyword && keyOf(slip.keyword);
    for (const other of coming.slice(at + 1)) {
      const apart = daysBetween(slip.date, other.date);
      if (apart > SAME_TARGET) break;
      if (other.kind !== "scheduled" && slip.kind !== "scheduled") continue;
      if (key && other.keyword && keyOf(other.keyword) === key)
        out.push({
          says: `“${slip.title}” and “${other.title}” have one target, “${slip.keyword}”, within ${apart === 1 ? "a day" : `${apart} days`}.`,
          ids: [slip.id, other.id],
        });
      if (apart === 0 && slip.time && other.time && slip.time.slice(0, 2) === other.time.slice(0, 2))
        out.push({
          says: `“${slip.title}” and “${other.title}” go out within one hour.`,
          ids: [slip.id, other.id],
        });
    }
  }
  for (let at = 0; at + IN_A_ROW <= coming.length; at++) {
    const row = coming.slice(at, at + IN_A_ROW);
    const [{ category }] = row as [Slip];
    if (!category || row.at(-1)!.kind !== "scheduled" || !row.every((one) => one.category === category))
      continue;
    out.push({
      says: `${IN_A_ROW} posts in a row are of “${categoryName(category)}”, up to ${dayName(row.at(-1)!.date)}.`,
      ids: row.map(({ id }) => id),
    });
    at += IN_A_ROW - 1;
  }
  const late = slips.filter(({ kind, date }) => kind === "due" && date < today);
  for (const { id, title, date } of late)
    out.push({ says: `“${title}” was due on ${dayName(date)}.`, ids: [id] });
  return out;
}
