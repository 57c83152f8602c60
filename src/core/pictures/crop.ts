/** A part of a picture, in per cents of its width and height. */
export interface Part {
  x: number;
  y: number;
  width: number;
  height: number;
}

export interface PixelPart {
  left: number;
  top: number;
  width: number;
  height: number;
}

/** @returns the part in whole pixels, inside the picture and never empty */
export function partInPixels(part: Part, width: number, height: number): PixelPart {
  const side = (from: number, length: number, whole: number): [number, number] => {
    const start = Math.min(whole - 1, Math.max(0, Math.round((from / 100) * whole)));
    const end = Math.min(whole, Math.max(start + 1, Math.round(((from + length) / 100) * whole)));
    return [start, end - start];
  };
  const [left, wide] = side(part.x, part.width, width);
  const [top, high] = side(part.y, part.height, height);
  return { left, top, width: wide, height: high };
}

/** @returns whether the part is the whole picture, to the pixel */
export function isWhole(part: Part, width: number, height: number): boolean {
  const { left, top, width: w, height: h } = partInPixels(part, width, height);
  return left === 0 && top === 0 && w === width && h === height;
}

/**
 * What is seen of a picture that fills a frame of another shape (CSS Images 3, `object-fit: cover` with `object-position`).
 *
 * @param aspect of the frame, width by height
 * @param focus per cents from the left and the top, as `focusPoint` gives them
 */
export function covering(
  width: number,
  height: number,
  aspect: number,
  focus: { x: number; y: number },
): PixelPart {
  const wide = Math.min(width, height * aspect);
  const high = Math.min(height, width / aspect);
  return {
    left: ((width - wide) * focus.x) / 100,
    top: ((height - high) * focus.y) / 100,
    width: wide,
    height: high,
  };
}
