/** What a year of monthly searches says. */
export interface Season {
  /** Mean of the twelve months. */
  mean: number;
  /** Place of the highest month, from 0; the first of equals. */
  peak: number;
  /** Highest month over the mean. */
  factor: number;
  /** Months that count as the peak: those next to the highest that reach nine tenths of it, around the turn of the year too. */
  peaks: number[];
  seasonal: boolean;
}

/** A year whose highest month is less than a quarter above the mean has no season to speak of. */
const STEADY_BELOW = 1.25;
const NEARLY_PEAK = 0.9;
const MONTHS = [
  "January",
  "February",
  "March",
  "April",
  "May",
  "June",
  "July",
  "August",
  "September",
  "October",
  "November",
  "December",
] as const;

/** @returns null where the months are not twelve, or nobody searched in any of them */
export function seasonOf(months: readonly number[]): Season | null {
  if (months.length !== 12) return null;
  const sum = months.reduce((total, n) => total + n, 0);
  if (sum <= 0) return null;
  const top = Math.max(...months);
  const peak = months.indexOf(top);
  const peaks = [peak];
  for (let step = 1; step < 12 && months[(peak + step) % 12]! >= NEARLY_PEAK * top; step++)
    peaks.push((peak + step) % 12);
  for (
    let step = 1;
    step < 12 - peaks.length && months[(peak - step + 12) % 12]! >= NEARLY_PEAK * top;
    step++
  )
    peaks.unshift((peak - step + 12) % 12);
  const factor = (12 * top) / sum;
  return { mean: sum / 12, peak, factor, peaks, seasonal: factor >= STEADY_BELOW };
}

/** Name of a month of a year that ends with `lastMonth` ("YYYY-MM"); its place where the year's end is unknown. */
export function monthName(place: number, lastMonth: string | undefined): string {
  const end = /^\d{4}-(\d{2})$/.exec(lastMonth ?? "");
  if (!end) return `month ${place + 1} of 12`;
  return MONTHS[(((Number(end[1]) - 1 - (11 - place)) % 12) + 12) % 12]!;
}

/**
 * The season in words: "peaks in November, 2.4 times the average".
 *
 * @param lastMonth the last of the twelve months, "YYYY-MM"
 */
export function saySeason(months: readonly number[], lastMonth?: string): string {
  const season = seasonOf(months);
  if (!season) return months.length ? "nobody searched in these months" : "no monthly numbers";
  if (!season.seasonal) return "steady through the year";
  const first = monthName(season.peaks[0]!, lastMonth);
  const last = monthName(season.peaks.at(-1)!, lastMonth);
  const when =
    season.peaks.length === 1
      ? first
      : season.peaks.length === 2
        ? `${first} and ${last}`
        : `${first} to ${last}`;
  return `peaks in ${when}, ${season.factor.toFixed(1)} times the average`;
}

export const isDated = (month: string | undefined): month is string => /^\d{4}-\d{2}$/.test(month ?? "");

/** The month that lies `back` months before another, both "YYYY-MM". */
export function monthBefore(month: string, back: number): string {
  const count = Number(month.slice(0, 4)) * 12 + Number(month.slice(5)) - 1 - back;
  return `${Math.floor(count / 12)}-${String((count % 12) + 1).padStart(2, "0")}`;
}
