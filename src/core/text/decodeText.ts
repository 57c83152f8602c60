const CHARSET = /<meta[^>]+charset\s*=\s*["']?\s*([\w-]+)/i;
const LOOKED_AT = 4096;

/** The encodings that a person may choose instead of the guess. */
export const ENCODINGS = ["utf-8", "utf-16le", "utf-16be", "windows-1252"] as const;

/** A text and the name (Encoding Standard) of the encoding that it was read by. */
export interface DecodedText {
  text: string;
  encoding: string;
}

/**
 * Bytes to text: by byte order mark; as UTF-16 where every other byte is zero; as UTF-8, a few broken bytes becoming
 * U+FFFD; by an HTML page's own declaration; else as Windows-1252 (Encoding Standard). The byte order mark is no part of the text.
 *
 * @param html whether a declaration in the text counts
 * @param named the encoding where somebody has said it
 * @throws Error where the bytes are no text
 */
export function decode(bytes: Uint8Array, html = false, named?: string): DecodedText {
  const encoding = named ?? marked(bytes) ?? wide(bytes);
  if (encoding) return { text: new TextDecoder(encoding).decode(bytes), encoding };
  if (bytes.subarray(0, LOOKED_AT).includes(0)) throw new Error("This is not a text file.");
  try {
    return { text: new TextDecoder("utf-8", { fatal: true }).decode(bytes), encoding: "utf-8" };
  } catch {
    const lenient = new TextDecoder("utf-8").decode(bytes);
    if (mostlyWhole(lenient)) return { text: lenient, encoding: "utf-8" };
    const declared = html
      ? CHARSET.exec(new TextDecoder("latin1").decode(bytes.subarray(0, 2048)))?.[1]
      : null;
    const label = declared && !/^utf-?8$/i.test(declared) ? declared : "windows-1252";
    try {
      return { text: new TextDecoder(label).decode(bytes), encoding: label.toLowerCase() };
    } catch {
      return { text: new TextDecoder("windows-1252").decode(bytes), encoding: "windows-1252" };
    }
  }
}

export const decodeText = (bytes: Uint8Array, html: boolean): string => decode(bytes, html).text;

/** A few broken bytes among many good letters: damaged UTF-8, not another encoding, in which hardly any would be good. */
function mostlyWhole(text: string): boolean {
  let broken = 0;
  let good = 0;
  for (const char of text) {
    if (char === "\uFFFD") broken++;
    else if (char > "\u007F") good++;
  }
  return good > 4 * broken;
}

function marked(bytes: Uint8Array): string | null {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return "utf-16le";
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return "utf-16be";
  return bytes[0] === 0xef && bytes[1] === 0xbb && bytes[2] === 0xbf ? "utf-8" : null;
}

/** UTF-16 without its mark: mostly Latin letters, whose other byte is zero. */
function wide(bytes: Uint8Array): string | null {
  const looked = bytes.subarray(0, LOOKED_AT);
  if (looked.length < 4) return null;
  const zeros = [0, 0];
  looked.forEach((byte, i) => {
    if (byte === 0) zeros[i % 2]!++;
  });
  const most = looked.length / 2;
  if (zeros[1]! > 0.4 * most && zeros[0]! < 0.05 * most) return "utf-16le";
  if (zeros[0]! > 0.4 * most && zeros[1]! < 0.05 * most) return "utf-16be";
  return null;
}
