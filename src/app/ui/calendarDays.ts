/** Days of a calendar: as ISO has them, and how a week is laid out. */
import { DAY, noonOf } from "./dates";

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
