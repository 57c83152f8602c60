import { writeCalendar } from "../../core/calendar/ical";
import type { Slip } from "../../core/calendar/plan";
import type { Post, Site } from "../../data/model";

/** @param now ISO */
export function calendarFile(
  slips: readonly Slip[],
  site: Site,
  byId: ReadonlyMap<string, Post>,
  now: string,
): Blob {
  const dated = slips.map((slip) => ({ ...slip, at: slip.time ? (byId.get(slip.id)?.publishAt ?? "") : "" }));
  const host = URL.canParse(site.origin) ? new URL(site.origin).host : "site";
  return new Blob([writeCalendar(dated, site.blogName || site.name, host, now)], { type: "text/calendar" });
}
