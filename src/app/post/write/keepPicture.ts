/** Taking a picture into the workspace: known kinds only, looked at before it is kept. */
import { addAsset } from "../../../data/assets";
import type { Asset } from "../../../data/model";
import { freshId } from "../../freshId";

/** A picture cannot be taken; the message is for the person. */
export class PictureError extends Error {
  override name = "PictureError";
}

const MOST_BYTES = 25 * 1024 * 1024;

/** Kinds by their first bytes; a file's name and declared type prove nothing. */
function kindOf(bytes: Uint8Array): string | null {
  const ascii = (from: number, to: number) => String.fromCharCode(...bytes.subarray(from, to));
  if (bytes[0] === 0xff && bytes[1] === 0xd8) return "image/jpeg";
  if (ascii(1, 4) === "PNG") return "image/png";
  if (ascii(0, 4) === "GIF8") return "image/gif";
  if (ascii(0, 4) === "RIFF" && ascii(8, 12) === "WEBP") return "image/webp";
  if (ascii(4, 12) === "ftypavif") return "image/avif";
  return null;
}

/** @throws PictureError */
export async function keepPicture(file: File): Promise<Asset> {
  if (file.size > MOST_BYTES)
    throw new PictureError(
      `“${file.name}” is larger than 25 MB. Your post is as it was; make the picture smaller and try again.`,
    );
  const type = kindOf(new Uint8Array(await file.slice(0, 16).arrayBuffer()));
  if (!type)
    throw new PictureError(
      `“${file.name}” is no JPEG, PNG, GIF, WebP or AVIF picture. Your post is as it was.`,
    );
  const blob = new Blob([await file.arrayBuffer()], { type });
  let bitmap: ImageBitmap;
  try {
    bitmap = await createImageBitmap(blob);
  } catch {
    throw new PictureError(
      `“${file.name}” is damaged: no picture can be read from it. Your post is as it was; save the picture again and retry.`,
    );
  }
  const { width, height } = bitmap;
  bitmap.close();
  const asset: Asset = {
    id: freshId(),
    fileName: file.name,
    type,
    width,
    height,
    blob,
  };
  await addAsset(asset);
  return asset;
}
