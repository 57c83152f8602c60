/** Taking a file to download into the workspace: kinds that nothing runs, and that are what their names say. */
import { isPictureType, mayBe, mediaTypeOfName } from "../../../core/media/mediaTypes";
import { addAsset } from "../../../data/assets";
import { freshId } from "../../../data/freshId";
import type { Asset } from "../../../data/model";
import { makeRoom, PictureError } from "./keepPicture";

const MOST_BYTES = 25 * 1024 * 1024;

/** Why a file was not kept, for the person. */
export const whyNotKept = (error: unknown, { name }: File): string =>
  error instanceof PictureError ? error.message : `“${name}” could not be stored. Your post is unchanged.`;

/** @throws PictureError, whose message is for the person */
export async function keepFile(file: File): Promise<Asset> {
  const safe = "Your post is unchanged.";
  if (file.size > MOST_BYTES)
    throw new PictureError(
      `“${file.name}” is larger than 25 MB. ${safe} Put it on the web elsewhere and link to it.`,
    );
  const said = mediaTypeOfName(file.name);
  if (!said)
    throw new PictureError(
      `“${file.name}” is of a kind that posts do not offer: documents, tables, archives, sounds, videos and pictures can be downloaded. ${safe} Put it into a ZIP archive to offer it all the same.`,
    );
  const { fileTypeFromBlob } = await import("file-type");
  const detected = (await fileTypeFromBlob(file))?.mime;
  if (isPictureType(said.type) ? detected !== said.type : !mayBe(said.type, detected))
    throw new PictureError(
      `“${file.name}” is not what its name says${detected ? `: it is of the kind ${detected}` : ""}. ${safe}`,
    );
  const asset: Asset = {
    id: freshId(),
    fileName: file.name,
    type: said.type,
    width: null,
    height: null,
    blob: new Blob([await file.arrayBuffer()], { type: said.type }),
  };
  await makeRoom(asset.blob.size);
  await addAsset({ ...asset, fresh: true });
  return asset;
}
