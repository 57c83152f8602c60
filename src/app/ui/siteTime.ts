/** Moments as the person's region writes them, in the time zone of the site. */
import { perText } from "../../core/once";
import { day } from "./dates";

const formats = perText((timeZone: string) => {
  const options = {
    weekday: "short",
    day: "numeric",
    month: "short",
    hour: "2-digit",
    minute: "2-digit",
  } as const;
  try {
    return new Intl.DateTimeFormat(undefined, { ...options, timeZone });
  } catch {
    return new Intl.DateTimeFormat(undefined, options);
  }
}, 20);

/** @param iso a moment, or a day */
export function momentOfSite(iso: string, timeZone: string): string {
  if (!iso || Number.isNaN(Date.parse(iso))) return "undated";
  return iso.length === 10 ? day(iso) : formats(timeZone).format(new Date(iso));
}
