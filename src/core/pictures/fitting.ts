/** How a picture is made to fit a page: how wide, and whether it is written anew at all. */

export interface PictureFacts {
  type: string;
  width: number;
  height: number;
  bytes: number;
  /** It carries Exif or XMP data. */
  metadata: boolean;
}

export interface Fitting {
  width: number;
  height: number;
}

/** Twice the measure of a page's text, for screens of double density. */
export const WIDEST = 1600;
/** More than this, a picture slows the page down. */
const HEAVY = 200 * 1024;
/** What can be written anew without losing anything but weight: no animation, and what every browser writes. */
const WRITABLE = new Set(["image/jpeg", "image/png", "image/webp"]);

/** @returns the size to write it in; null where it is left as it is */
export function fittingOf({ type, width, height, bytes, metadata }: PictureFacts): Fitting | null {
  if (!WRITABLE.has(type) || width < 1 || height < 1) return null;
  if (width <= WIDEST && bytes <= HEAVY && !metadata) return null;
  const scale = Math.min(1, WIDEST / width);
  return { width: Math.round(width * scale), height: Math.max(1, Math.round(height * scale)) };
}
