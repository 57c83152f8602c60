/** Days and moments as pages say them. */
import { perText } from "../once";

/** A day, or a moment, of a text that says one. */
export interface Moment {
  /** As a machine reads it (ISO 8601). */
  iso: string;
  /** Milliseconds since 1970 (UTC). */
  time: number;
  /** Whether it is a day and no moment. */
  isDay: boolean;
}

/** @returns null for a text that is neither a date nor a moment (ISO 8601) */
export function momentOf(text: string): Moment | null {
  const isDay = /^\d{4}-\d{2}-\d{2}$/.test(text);
  if (!isDay && !/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}/.test(text)) return null;
  const time = Date.parse(text);
  if (Number.isNaN(time)) return null;
  return { iso: isDay ? text : new Date(time).toISOString(), time, isDay };
}

/** As feeds want it (RFC 3339): a day begins at midnight, UTC. */
export const rfc3339 = ({ time }: Moment): string => new Date(time).toISOString().replace(/\.\d{3}Z$/, "Z");

const formats = perText((key: string) => {
  const [language = "en", timeZone = "UTC"] = key.split(" ");
  try {
    return new Intl.DateTimeFormat(language, { dateStyle: "long", timeZone });
  } catch {
    // A language or a zone that is none.
    return new Intl.DateTimeFormat("en", { dateStyle: "long", timeZone: "UTC" });
  }
}, 200);

/** The day in words, in the time zone of the site. */
export const dayInWords = (moment: Moment, language: string, timeZone: string): string =>
  formats(`${language.trim() || "en"} ${moment.isDay ? "UTC" : timeZone}`).format(moment.time);
