/** Days and minutes in a time zone, right across the days on which its clocks change. */
import { perText } from "../once";

const formats = perText((timeZone: string) => {
  const options = {
    year: "numeric",
    month: "2-digit",
    day: "2-digit",
    hour: "2-digit",
    minute: "2-digit",
    second: "2-digit",
    hourCycle: "h23",
  } as const;
  try {
    return new Intl.DateTimeFormat("en-GB", { ...options, timeZone });
  } catch {
    return new Intl.DateTimeFormat("en-GB", { ...options, timeZone: "UTC" });
  }
}, 50);

function fieldsAt(time: number, timeZone: string): Record<string, string> {
  return Object.fromEntries(
    formats(timeZone)
      .formatToParts(time)
      .map(({ type, value }) => [type, value]),
  );
}

/** Milliseconds by which the clocks of a zone are ahead of UTC at a moment. */
function offsetAt(time: number, timeZone: string): number {
  const { year, month, day, hour, minute, second } = fieldsAt(time, timeZone);
  const asIfUtc = Date.UTC(
    Number(year),
    Number(month) - 1,
    Number(day),
    Number(hour),
    Number(minute),
    Number(second),
  );
  return asIfUtc - Math.floor(time / 1000) * 1000;
}

/**
 * The moment at which clocks of a zone show a day and a time.
 *
 * A time that a clock skips in spring is as much later as the clock goes forward; of one that it shows twice in autumn it is the first.
 *
 * @param date ISO date
 * @param time hours and minutes: "08:00"
 * @returns ISO, in UTC
 */
export function momentIn(date: string, time: string, timeZone: string): string {
  const local = Date.parse(`${date}T${time}:00Z`);
  const DAY = 86_400_000;
  const before = local - offsetAt(local - DAY, timeZone);
  const after = local - offsetAt(local + DAY, timeZone);
  const earlier = Math.min(before, after);
  const right = [earlier, Math.max(before, after)].find((at) => at + offsetAt(at, timeZone) === local);
  return new Date(right ?? before).toISOString();
}

/** The day and the time that clocks of a zone show at a moment. */
export function partsIn(moment: string, timeZone: string): { date: string; time: string } {
  const { year, month, day, hour, minute } = fieldsAt(Date.parse(moment), timeZone);
  return { date: `${year}-${month}-${day}`, time: `${hour}:${minute}` };
}
