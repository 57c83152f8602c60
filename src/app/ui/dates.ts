/** Days and times as the person's own region writes them. */

const DAY = new Intl.DateTimeFormat(undefined, { dateStyle: "medium" });
const DAY_AND_TIME = new Intl.DateTimeFormat(undefined, { dateStyle: "medium", timeStyle: "short" });
const IN_YEAR = new Intl.DateTimeFormat(undefined, { day: "numeric", month: "short" });

/** @param iso a moment; empty where none is known */
export const dayAndTime = (iso: string): string => (iso ? DAY_AND_TIME.format(new Date(iso)) : "undated");
export const day = (iso: string): string => (iso ? DAY.format(noonOf(iso)) : "undated");

/** Of this year without the year. @param iso a day; empty where there is none */
export function shortDay(iso: string, today: Date): string {
  if (!iso) return "";
  const own = today.getFullYear() === Number(iso.slice(0, 4));
  return (own ? IN_YEAR : DAY).format(noonOf(iso));
}

/** A date alone is that day wherever it is read: at its noon no time zone makes another of it. */
const noonOf = (iso: string): Date => new Date(iso.length === 10 ? `${iso}T12:00:00` : iso);

/** @returns the day as ISO has it, in local time: 2026-12-03 */
export const isoDay = (date: Date): string =>
  [date.getFullYear(), date.getMonth() + 1, date.getDate()]
    .map((part, i) => String(part).padStart(i ? 2 : 4, "0"))
    .join("-");

/** @returns that day at local noon; nothing where it is none */
export function dateOf(iso: string): Date | undefined {
  const date = /^\d{4}-\d\d-\d\d$/.test(iso) ? noonOf(iso) : null;
  return date && isoDay(date) === iso ? date : undefined;
}

/** The first day of a week where the person is, 0 for Sunday. Unicode's week data, as far as the browser has them; Monday otherwise. */
export function firstDayOfWeek(locale = DAY.resolvedOptions().locale): 0 | 1 | 2 | 3 | 4 | 5 | 6 {
  const week = new Intl.Locale(locale) as Intl.Locale & {
    getWeekInfo?: () => { firstDay: number };
    weekInfo?: { firstDay: number };
  };
  const first = (week.getWeekInfo?.() ?? week.weekInfo)?.firstDay ?? 1;
  return (first % 7) as 0 | 1 | 2 | 3 | 4 | 5 | 6;
}
