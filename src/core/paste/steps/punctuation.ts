/** Quotes, dashes and dots that came to harm on their way to the clipboard. Curly quotes that are whole stay as they are. */

/** What Windows-1252 makes of the bytes 0x80 to 0x9F (WHATWG Encoding, index windows-1252); the holes stand for themselves. */
const HIGH =
  "\u20ac\u0081\u201a\u0192\u201e\u2026\u2020\u2021\u02c6\u2030\u0160\u2039\u0152\u008d\u017d\u008f\u0090\u2018\u2019\u201c\u201d\u2022\u2013\u2014\u02dc\u2122\u0161\u203a\u0153\u009d\u017e\u0178";
const SIGNS = "\u2018\u2019\u201a\u201c\u201d\u201e\u2013\u2014\u2026\u2022\u2039\u203a\u20ac";

/** The three bytes of UTF-8 for a character from U+0800 to U+FFFF (RFC 3629, section 3). */
const bytesOf = (sign: string): number[] => {
  const code = sign.codePointAt(0)!;
  return [0xe0 | (code >> 12), 0x80 | ((code >> 6) & 0x3f), 0x80 | (code & 0x3f)];
};

const asWindows = (byte: number): string =>
  byte >= 0x80 && byte <= 0x9f ? HIGH[byte - 0x80]! : String.fromCharCode(byte);
const asLatin = (byte: number): string => String.fromCharCode(byte);

/** A sign's bytes, each read as a letter of Windows-1252 or of ISO 8859-1: a quote becomes three letters. */
const MISREAD = new Map(
  [...SIGNS].flatMap((sign) =>
    [asWindows, asLatin].map((read): [string, string] => [bytesOf(sign).map(read).join(""), sign]),
  ),
);
const WRONG = new RegExp([...MISREAD.keys(), "``(?=[^`]+'')"].join("|"), "gu");

/** @returns the text with its signs put right; code must not be given here */
export function withRightSigns(text: string): string {
  let quoted = false;
  const signs = text.replace(WRONG, (wrong) => {
    quoted ||= wrong === "``";
    return MISREAD.get(wrong) ?? "\u201c";
  });
  // Two apostrophes end a quote that two backticks began; alone they may be seconds of arc.
  return quoted ? signs.replace(/(?<=\u201c[^\u201c\u201d]*)''/g, "\u201d") : signs;
}
