const CHARSET = /<meta[^>]+charset\s*=\s*["']?\s*([\w-]+)/i;

/**
 * Bytes to text: by byte order mark, as UTF-8, by an HTML page's own declaration, else as Windows-1252 (Encoding Standard).
 *
 * @throws Error where the bytes are no text
 */
export function decodeText(bytes: Uint8Array, html: boolean): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder("utf-16le").decode(bytes);
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder("utf-16be").decode(bytes);
  if (bytes.subarray(0, 1024).includes(0)) throw new Error("This is not a text file.");
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    const declared = html
      ? CHARSET.exec(new TextDecoder("latin1").decode(bytes.subarray(0, 2048)))?.[1]
      : undefined;
    try {
      return new TextDecoder(declared && !/^utf-?8$/i.test(declared) ? declared : "windows-1252").decode(
        bytes,
      );
    } catch {
      return new TextDecoder("windows-1252").decode(bytes);
    }
  }
}
