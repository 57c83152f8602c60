/** Pictures of another width, as files. */
import sharp from "sharp";

/** Pixels of a picture at most; a small file may claim to be huge. */
const MOST_PIXELS = 200_000_000;
/** What the eye takes for the original at a page's size. */
const QUALITY = 80;

export interface Sized {
  width: number;
  height: number;
}

/** @returns its size as it is shown; null for what is no picture */
export async function sizeOfPicture(bytes: Uint8Array): Promise<Sized | null> {
  try {
    const { autoOrient } = await sharp(bytes, { limitInputPixels: MOST_PIXELS }).metadata();
    return { width: autoOrient.width, height: autoOrient.height };
  } catch {
    return null;
  }
}

/**
 * A picture as wide as said, in the format that it has; turned as its camera was held, and without where it was taken.
 *
 * @throws Error where it cannot be read
 */
export async function narrowed(bytes: Uint8Array, type: string, width: number): Promise<Uint8Array> {
  const picture = sharp(bytes, { limitInputPixels: MOST_PIXELS }).autoOrient().resize({ width });
  if (type === "image/png") return picture.png({ palette: true }).toBuffer();
  if (type === "image/webp") return picture.webp({ quality: QUALITY }).toBuffer();
  return picture.jpeg({ quality: QUALITY, mozjpeg: true }).toBuffer();
}
