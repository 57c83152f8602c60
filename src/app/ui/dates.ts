/** Days and times as the person's own region writes them. */

export const DAY = new Intl.DateTimeFormat(undefined, { dateStyle: "medium" });
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
export const noonOf = (iso: string): Date => new Date(iso.length === 10 ? `${iso}T12:00:00` : iso);
