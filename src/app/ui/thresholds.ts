/** Thresholds of a check, as the profile has them, in words. */
const NAMES: Record<string, string> = {
  lateFactor: "Factor where it comes late",
  mostShare: "Most, as a share",
  mostCount: "Too many from",
  mostFactor: "Factor where too many",
  low: "From, uses a word",
  high: "To, uses a word",
  fewUses: "Few are fewer than",
  fewWords: "In texts of, words",
  fewShare: "Then at most",
  endFactor: "Ends at, times the upper end",
  endAtLeast: "Upper limit, at least",
  overWords: "Too many only from, words",
  overUses: "Or from, uses",
  fieldPages: "Field counts from, pages",
  size: "Letter size, px",
  range: "Range",
  fieldRange: "Range, of the field's median",
  longShare: "Never under",
  lost: "Lost for each fault",
  mostWords: "Most words",
  mostCharacters: "Most characters",
  leastCharacters: "Least characters",
  smallShare: "Small words at most",
  nearShare: "Alike from",
  nearFactor: "Factor where alike",
  twoShare: "Share for two",
  overShare: "Never under, beyond the range",
  overFactor: "Ends at, times the range",
  leastPresence: "Topics on, of the pages",
  answerWords: "Words of an answer",
  mostUses: "Most uses",
  manyAlts: "Many are",
  fullKilobytes: "All to, KB",
  zeroKilobytes: "Nothing from, KB",
  least: "Least",
  wordsPerLink: "Words a link",
  insecureShare: "Share over http",
  audience: "Readers",
  bands: "Bands",
  fallOff: "Nothing, points outside",
  full: "All to, as a share",
  zero: "Nothing from, as a share",
};

export const thresholdName = (key: string): string => NAMES[key] ?? key;

/** @returns each threshold but the weight, with its name and value in words */
export function thresholdsOf(check: object): { key: string; name: string; value: string }[] {
  return Object.entries(check)
    .filter(([key]) => key !== "weight")
    .map(([key, value]) => ({ key, name: thresholdName(key), value: inWords(value) }));
}

function inWords(value: unknown): string {
  if (Array.isArray(value)) return value.join(", ");
  if (typeof value === "object" && value !== null)
    return Object.entries(value)
      .map(([key, one]) => `${key} ${inWords(one)}`)
      .join("; ");
  return String(value);
}
