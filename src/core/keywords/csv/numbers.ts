/** Numbers as tools write them: "1,900", "1.900", "1 900", "1.9K", "10–100", "0,35 €". */

export type Decimal = "." | ",";
/** What a cell says: a number, nothing (null), or something that cannot be read. */
export type ReadNumber = number | null | "unreadable";

const UNKNOWN = /^(?:|[-–—?]+|n\/?a|nan|null|none|unknown|no data|not available|\(not set\))$/i;
const POINTED = /^\d+\.\d+$/;
const THOUSANDS = /^\d{1,3}(?:[.,]\d{3})+$/;
const RANGE = /^(.*\d\s*[kmb]?)\s*(?:[-–—]|to|bis)\s*(\d.*)$/i;
/** Blanks of all widths, apostrophes, currency signs and codes, what says "about" and "at most". */
const NOISE = /[\s\u00A0\u2000-\u200A\u202F'’\p{Sc}~≈<>≤≥%+]|\b(?:usd|eur|gbp|chf)\b/giu;
const FACTORS: Record<string, number> = { k: 1e3, tsd: 1e3, m: 1e6, mio: 1e6, b: 1e9 };

/**
 * Reads a cell.
 *
 * A range counts as its geometric middle, since tools give ranges by powers of ten: "10–100" is 32. "<10" counts as 10.
 *
 * @param decimal the mark before the fraction
 * @param counted a count of something: groups of three digits then follow a mark of thousands, whatever the file's decimal mark
 */
export function readNumber(cell: string, decimal: Decimal, counted: boolean): ReadNumber {
  const plain = wholeNumber(cell);
  if (plain >= 0) return plain;
  if (!counted && decimal === "." && POINTED.test(cell)) return Number(cell);
  const trimmed = cell.trim();
  if (UNKNOWN.test(trimmed)) return null;
  const range = RANGE.exec(trimmed);
  if (range) {
    const low = readNumber(range[1]!, decimal, counted);
    const high = readNumber(range[2]!, decimal, counted);
    if (typeof low !== "number" || typeof high !== "number" || high < low) return "unreadable";
    const middle = low > 0 ? Math.sqrt(low * high) : high / 2;
    return counted ? Math.round(middle) : middle;
  }
  const bare = trimmed.replace(NOISE, "");
  const parts = /^(\d*(?:[.,]\d+)*)\.?(k|m|b|tsd|mio)?\.?$/i.exec(bare);
  if (!parts?.[1]) return "unreadable";
  const factor = FACTORS[parts[2]?.toLowerCase() ?? ""] ?? 1;
  const digits = parts[1];
  const other = decimal === "." ? "," : ".";
  let pointed: string;
  if (counted && factor === 1 && THOUSANDS.test(digits)) pointed = digits.replace(/[.,]/g, "");
  else if (factor !== 1 && /^\d+[.,]\d{1,2}$/.test(digits)) pointed = digits.replace(",", ".");
  else {
    const [head, ...more] = digits.split(decimal);
    if (more.length > 1 || more[0]?.includes(other)) return "unreadable";
    // A mark of thousands must stand before groups of three.
    if (head!.includes(other) && !/^\d{1,3}(?:[.,]\d{3})+$/.test(head!)) return "unreadable";
    pointed = head!.replaceAll(other, "") + (more.length ? `.${more[0]}` : "");
  }
  const value = Number(pointed) * factor;
  return Number.isFinite(value) ? (counted ? Math.round(value) : value) : "unreadable";
}

/** Digits whose number is exact however it is added up. */
const MOST_DIGITS = 15;

/** The number of a cell of digits only, as nearly all of a file are; -1 for any other. */
function wholeNumber(cell: string): number {
  if (!cell || cell.length > MOST_DIGITS) return -1;
  let number = 0;
  for (let i = 0; i < cell.length; i++) {
    const digit = cell.charCodeAt(i) - 48;
    if (digit < 0 || digit > 9) return -1;
    number = number * 10 + digit;
  }
  return number;
}

/** The decimal mark of a table, by the cells that can be read one way only; a point where none decides. */
export function guessDecimal(cells: readonly string[]): Decimal {
  let points = 0;
  let commas = 0;
  for (const cell of cells) {
    const digits = cell.replace(NOISE, "");
    if (!/^\d*(?:[.,]\d+)+[a-z]?$/i.test(digits)) continue;
    const marks = digits.replace(/[^.,]/g, "");
    const last = marks.at(-1)!;
    const fraction = /[.,](\d+)[a-z]?$/i.exec(digits)![1]!;
    const decides =
      new Set(marks).size > 1
        ? last
        : marks.length > 1
          ? last === "."
            ? ","
            : "."
          : fraction.length !== 3 || /^0?[.,]/.test(digits)
            ? last
            : null;
    if (decides === ".") points++;
    else if (decides === ",") commas++;
  }
  return commas > points ? "," : ".";
}
