/** Makes pictures fit a page: narrower, lighter, without what their files say beside the picture, and cut to a part. */
import { type Part, partInPixels } from "../core/pictures/crop";
import { type Fitting, fittingOf, WIDEST } from "../core/pictures/fitting";
import { carriesMetadata } from "../core/pictures/metadata";

export interface Fitted {
  blob: Blob;
  width: number;
  height: number;
  /** What the file carried beside the picture is gone. */
  stripped: boolean;
}

const QUALITY = 0.82;
type From = [left: number, top: number, width: number, height: number];

/** Draws a part of a picture in a size of its own. */
function drawn(bitmap: ImageBitmap, [left, top, w, h]: From, { width, height }: Fitting): OffscreenCanvas {
  const canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext("2d")!;
  context.imageSmoothingQuality = "high";
  context.drawImage(bitmap, left, top, w, h, 0, 0, width, height);
  return canvas;
}

const asWebp = (canvas: OffscreenCanvas): Promise<Blob> =>
  canvas.convertToBlob({ type: "image/webp", quality: QUALITY });

export function createPicturesApi() {
  return {
    /** @returns the picture written anew; null where it is good as it is, or would not get lighter */
    async fit(blob: Blob): Promise<Fitted | null> {
      const metadata = carriesMetadata(new Uint8Array(await blob.arrayBuffer()));
      // Turned as its file says that it was held: written anew, it says so no more.
      const bitmap = await createImageBitmap(blob);
      try {
        const { width, height } = bitmap;
        const fitting = fittingOf({ type: blob.type, width, height, bytes: blob.size, metadata });
        if (!fitting) return null;
        const written = await asWebp(drawn(bitmap, [0, 0, width, height], fitting));
        if (written.type !== "image/webp") return null;
        if (written.size >= blob.size && !metadata) return null;
        return { blob: written, ...fitting, stripped: metadata };
      } finally {
        bitmap.close();
      }
    },

    /** A part of a picture as a picture of its own, no wider than a page needs. */
    async crop(blob: Blob, part: Part): Promise<Fitted> {
      const bitmap = await createImageBitmap(blob);
      try {
        const { left, top, width, height } = partInPixels(part, bitmap.width, bitmap.height);
        const scale = Math.min(1, WIDEST / width);
        const fitting = { width: Math.round(width * scale), height: Math.max(1, Math.round(height * scale)) };
        const written = await asWebp(drawn(bitmap, [left, top, width, height], fitting));
        return { blob: written, ...fitting, stripped: true };
      } finally {
        bitmap.close();
      }
    },

    /** The picture as JPEG, for what reads nothing newer; what was see-through is white. */
    async jpeg(blob: Blob): Promise<Blob> {
      const bitmap = await createImageBitmap(blob);
      try {
        const { width, height } = bitmap;
        const canvas = new OffscreenCanvas(width, height);
        const context = canvas.getContext("2d")!;
        context.fillStyle = "#fff";
        context.fillRect(0, 0, width, height);
        context.drawImage(bitmap, 0, 0);
        return await canvas.convertToBlob({ type: "image/jpeg", quality: QUALITY });
      } finally {
        bitmap.close();
      }
    },
  };
}
export type PicturesApi = ReturnType<typeof createPicturesApi>;
