/** Taking a picture into the workspace: known kinds only, looked at before it is kept. */

import { addAsset, dropOriginals } from "../../../data/assets";
import { freshId } from "../../../data/freshId";
import type { Asset } from "../../../data/model";
import { dropSurplusSnapshot } from "../../../data/snapshots";
import type { AppThunk } from "../../store/thunk";
import { ASSET_CHANGED } from "../../store/usePictureSource";
import { kilobytes } from "../../ui/shortFigures";
import { toast } from "../../ui/toast";

/** A picture cannot be taken; the message is for the person. */
export class PictureError extends Error {
  override name = "PictureError";
}

const MOST_BYTES = 25 * 1024 * 1024;

/** Kinds of pictures that a page can show. */
const KINDS = /^image\/(jpeg|png|gif|webp|avif)$/;

/** The kind by what is in the file: its name and declared type prove nothing. */
async function kindOf(file: File): Promise<string | null> {
  const { fileTypeFromBlob } = await import("file-type");
  const mime = (await fileTypeFromBlob(file))?.mime ?? "";
  return KINDS.test(mime) ? mime : null;
}

/**
 * Keeps a picture, made to fit a page where it is too large or says where it was taken; that is told, with the way back.
 *
 * @param tell say what was made of it
 * @throws PictureError
 */
export const keepPicture =
  (file: File, tell = true): AppThunk<Promise<Asset>> =>
  async (_dispatch, _getState, { workers }) => {
    const original = await takePicture(file);
    const fitted = await workers.pictures.fit(original.blob);
    if (!fitted) {
      await makeRoom(original.blob.size);
      await addAsset({ ...original, fresh: true });
      return original;
    }
    const asset: Asset = {
      ...original,
      fileName: `${original.fileName.replace(/\.[^.]+$/, "")}.webp`,
      type: fitted.blob.type,
      blob: fitted.blob,
      width: fitted.width,
      height: fitted.height,
    };
    await makeRoom(asset.blob.size + original.blob.size);
    await addAsset({ ...asset, fresh: true }, original);
    if (tell) tellFitted(original, asset, fitted.stripped);
    return asset;
  };

/** What is kept free for the text: pictures stop before it does. */
const KEPT_FREE = 20 * 1024 * 1024;

/** @throws PictureError where the browser's storage would be too full for the text to be saved */
export async function makeRoom(bytes: number): Promise<void> {
  const { usage = 0, quota } = await navigator.storage.estimate();
  if (quota === undefined || usage + bytes + KEPT_FREE <= quota) return;
  if ((await dropOriginals()) || (await dropSurplusSnapshot())) return makeRoom(bytes);
  throw new PictureError(
    `The browser's storage is nearly full (${kilobytes(usage)} of ${kilobytes(quota)}), so the picture was ignored. Your text is still saved. Export the workspace as a file in Settings, and delete posts with pictures that are done.`,
  );
}

function tellFitted(original: Asset, asset: Asset, stripped: boolean): void {
  const said = [
    `“${original.fileName}”: ${kilobytes(original.blob.size)} became ${kilobytes(asset.blob.size)}`,
    original.width !== asset.width && `${original.width} pixels wide became ${asset.width}`,
    stripped && "where and when it was taken is out of it",
  ].filter((part) => typeof part === "string");
  toast(`${said.join("; ")}.`, {
    duration: 15_000,
    action: {
      label: "Keep the original",
      onClick: () => {
        // Under the same id: every place that shows it shows the original then.
        void addAsset(original).then(() =>
          window.dispatchEvent(new CustomEvent(ASSET_CHANGED, { detail: asset.id })),
        );
      },
    },
  });
}

/** @throws PictureError */
async function takePicture(file: File): Promise<Asset> {
  if (file.size > MOST_BYTES)
    throw new PictureError(
      `“${file.name}” is larger than 25 MB. Your post is unchanged; make the picture smaller and try again.`,
    );
  const type = await kindOf(file);
  if (!type)
    throw new PictureError(
      `“${file.name}” is not a JPEG, PNG, GIF, WebP or AVIF picture. Your post is unchanged.`,
    );
  const blob = new Blob([await file.arrayBuffer()], { type });
  let bitmap: ImageBitmap;
  try {
    bitmap = await createImageBitmap(blob);
  } catch {
    throw new PictureError(
      `“${file.name}” is damaged: no picture can be read from it. Your post is unchanged; save the picture again and retry.`,
    );
  }
  const { width, height } = bitmap;
  bitmap.close();
  return {
    id: freshId(),
    fileName: file.name,
    type,
    width,
    height,
    blob,
  };
}
