/** Makes pictures fit a page: narrower, lighter, and without what their files say beside the picture. */
import * as Comlink from "comlink";
import { fittingOf } from "../core/pictures/fitting";
import { carriesMetadata } from "../core/pictures/metadata";

export interface Fitted {
  blob: Blob;
  width: number;
  height: number;
  /** What the file carried beside the picture is gone. */
  stripped: boolean;
}

const QUALITY = 0.82;

const api = {
  /** @returns the picture written anew; null where it is good as it is, or would not get lighter */
  async fit(blob: Blob): Promise<Fitted | null> {
    const metadata = carriesMetadata(new Uint8Array(await blob.arrayBuffer()));
    // Turned as its file says that it was held: written anew, it says so no more.
    const bitmap = await createImageBitmap(blob);
    try {
      const { width, height } = bitmap;
      const fitting = fittingOf({ type: blob.type, width, height, bytes: blob.size, metadata });
      if (!fitting) return null;
      const canvas = new OffscreenCanvas(fitting.width, fitting.height);
      const context = canvas.getContext("2d")!;
      context.imageSmoothingQuality = "high";
      context.drawImage(bitmap, 0, 0, fitting.width, fitting.height);
      const written = await canvas.convertToBlob({ type: "image/webp", quality: QUALITY });
      if (written.type !== "image/webp") return null;
      if (written.size >= blob.size && !metadata) return null;
      return { blob: written, ...fitting, stripped: metadata };
    } finally {
      bitmap.close();
    }
  },
};
export type PicturesApi = typeof api;

Comlink.expose(api);
