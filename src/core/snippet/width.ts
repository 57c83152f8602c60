/**
 * How wide a line is on a results page, and where it would be cut: advance widths of Arimo, whose metrics are those
 * of Arial. Kerning is ignored, as the difference stays under a pixel in a title.
 */
import table from "./widths.json";

const advances: ReadonlyMap<number, number> = new Map(
  table.runs.flatMap(([first, ...widths]) => widths.map((width, i): [number, number] => [first! + i, width])),
);

const NO_WIDTH = /^[\p{M}\p{Cf}\p{Cc}]$/u;
/** One em wide in practice: ideographs, kana, hangul, full-width forms and pictographs. */
const FULL =
  /^[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Hangul}\p{Extended_Pictographic}\uFF01-\uFF60]$/u;
const UPPER = /^[\p{Lu}\p{Lt}]$/u;
const LOWER = /^\p{Ll}$/u;
const DIGIT = /^\p{N}$/u;
const LETTER = /^\p{L}$/u;

function advance(char: string): number {
  const measured = advances.get(char.codePointAt(0)!);
  if (measured !== undefined) return measured;
  if (NO_WIDTH.test(char)) return 0;
  if (FULL.test(char)) return table.unitsPerEm;
  if (UPPER.test(char)) return table.averages.upper;
  if (LOWER.test(char)) return table.averages.lower;
  if (DIGIT.test(char)) return table.averages.digit;
  if (LETTER.test(char)) return table.averages.otherLetter;
  return table.averages.symbol;
}

/**
 * Width of one line of text.
 *
 * @param text any string; composed (NFC) before measuring
 * @param size font size in CSS pixels
 * @returns CSS pixels, unrounded; a glyph that the font lacks counts as the average of its class
 */
export function textWidth(text: string, size: number): number {
  let units = 0;
  for (const char of text.normalize("NFC")) units += advance(char);
  return (units * size) / table.unitsPerEm;
}

/** What a reader sees of a line that is given so much room. */
export interface CutLine {
  text: string;
  cut: boolean;
  width: number;
}

const ELLIPSIS = " …";

/**
 * Cuts a text as results pages do: at a word's end, with an ellipsis, so that the whole fits.
 *
 * @param room CSS pixels
 */
export function cutToWidth(text: string, size: number, room: number): CutLine {
  const width = textWidth(text, size);
  if (width <= room) return { text, cut: false, width };
  const budget = room - textWidth(ELLIPSIS, size);
  let used = 0;
  let end = 0;
  let lastBlank = 0;
  for (const char of text) {
    used += (advance(char) * size) / table.unitsPerEm;
    if (used > budget) break;
    if (/\s/.test(char)) lastBlank = end;
    end += char.length;
  }
  const shown = text.slice(0, lastBlank || end).replace(/[\s,;:–-]+$/u, "");
  return { text: `${shown}${ELLIPSIS}`, cut: true, width };
}
