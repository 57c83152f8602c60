/** What a picture's file carries beside the picture: where and when it was taken, and with what. */

const ascii = (bytes: Uint8Array, from: number, to: number): string =>
  String.fromCharCode(...bytes.subarray(from, to));

/**
 * Does the file carry Exif or XMP data? JPEG: an APP1 segment (Exif 2.32, section 4.5.4); PNG: a chunk `eXIf` (PNG 3, section
 * 11.3.5); WebP: a chunk `EXIF` or `XMP ` (RFC 9649, section 2.7).
 *
 * @param bytes of the file; whatever they are, nothing is thrown
 */
export function carriesMetadata(bytes: Uint8Array): boolean {
  if (bytes[0] === 0xff && bytes[1] === 0xd8) return inJpeg(bytes);
  if (ascii(bytes, 1, 4) === "PNG") return inChunks(bytes, 8, false, /^eXIf$/);
  if (ascii(bytes, 0, 4) === "RIFF" && ascii(bytes, 8, 12) === "WEBP")
    return inChunks(bytes, 12, true, /^(?:EXIF|XMP )$/);
  return false;
}

function inJpeg(bytes: Uint8Array): boolean {
  for (let at = 2; at + 4 <= bytes.length && bytes[at] === 0xff; ) {
    const marker = bytes[at + 1]!;
    // The picture itself begins; what describes it stands before.
    if (marker === 0xda) return false;
    if (marker === 0xe1 && /^(?:Exif|http)/.test(ascii(bytes, at + 4, at + 8))) return true;
    const length = (bytes[at + 2]! << 8) | bytes[at + 3]!;
    if (length < 2) return false;
    at += 2 + length;
  }
  return false;
}

/** Chunks of PNG (length before name, a checksum behind) and of RIFF (name before length, padded to even). */
function inChunks(bytes: Uint8Array, from: number, riff: boolean, pattern: RegExp): boolean {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  for (let at = from; at + 8 <= bytes.length; ) {
    const name = riff ? ascii(bytes, at, at + 4) : ascii(bytes, at + 4, at + 8);
    if (pattern.test(name)) return true;
    const length = riff ? view.getUint32(at + 4, true) : view.getUint32(at);
    at += riff ? 8 + length + (length % 2) : 12 + length;
  }
  return false;
}
