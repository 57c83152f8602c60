/** The calendar as a file for other calendars (iCalendar, RFC 5545). */
import { daysLater, type Slip } from "./plan";

/** Octets a line at most (section 3.1). */
const LINE = 75;

/** Text as a value (section 3.3.11). */
const escaped = (text: string): string =>
  text
    .toWellFormed()
    .replace(/[\\;,]/g, "\\$&")
    .replace(/\r\n?|\n/g, "\\n")
    // biome-ignore lint/suspicious/noControlCharactersInRegex: a value holds none
    .replace(/[\u0000-\u0008\u000b-\u001f\u007f]/g, "");

/** A long line goes on in the next, behind a blank (section 3.1): never within a character. */
function folded(line: string): string {
  const encoder = new TextEncoder();
  const lines: string[] = [];
  let open = "";
  let octets = 0;
  for (const character of line) {
    const size = encoder.encode(character).length;
    if (octets + size > LINE) {
      lines.push(open);
      open = " ";
      octets = 1;
    }
    open += character;
    octets += size;
  }
  return [...lines, open].join("\r\n");
}

const stamp = (iso: string): string => `${iso.slice(0, 19).replace(/[-:]/g, "")}Z`;

const SUMMARY: Record<Slip["kind"], string> = { due: "Due", scheduled: "Goes live", live: "Live" };

/**
 * @param slips with the moment (ISO) of each that has a minute
 * @param name of the calendar
 * @param now ISO
 */
export function writeCalendar(
  slips: readonly (Slip & { at: string })[],
  name: string,
  host: string,
  now: string,
): string {
  const events = slips.flatMap(({ id, title, kind, date, at }) => [
    "BEGIN:VEVENT",
    `UID:${escaped(id)}-${kind}@${host}`,
    `DTSTAMP:${stamp(now)}`,
    ...(at
      ? [`DTSTART:${stamp(at)}`]
      : [
          `DTSTART;VALUE=DATE:${date.replaceAll("-", "")}`,
          `DTEND;VALUE=DATE:${daysLater(date, 1).replaceAll("-", "")}`,
        ]),
    `SUMMARY:${escaped(`${SUMMARY[kind]}: ${title}`)}`,
    "TRANSP:TRANSPARENT",
    "END:VEVENT",
  ]);
  const lines = [
    "BEGIN:VCALENDAR",
    "VERSION:2.0",
    "PRODID:-//Dune Sparrow//Calendar//EN",
    "CALSCALE:GREGORIAN",
    `X-WR-CALNAME:${escaped(name)}`,
    ...events,
    "END:VCALENDAR",
  ];
  return `${lines.map(folded).join("\r\n")}\r\n`;
}
