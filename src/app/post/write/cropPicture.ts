/** A part of a picture in its place, as a picture of its own: other posts may show the whole. */

import type { Part } from "../../../core/pictures/crop";
import { addAsset, getAsset, getOriginal } from "../../../data/assets";
import { freshId } from "../../../data/freshId";
import type { Asset } from "../../../data/model";
import type { AppThunk } from "../../store/thunk";
import { makeRoom } from "./keepPicture";

/** The picture as it came: what it was made of, where that is still kept. */
export async function uncut(id: string): Promise<Asset | undefined> {
  return (await getOriginal(id)) ?? getAsset(id);
}

/** @returns the part, kept beside what it was cut from */
export const cropPicture =
  (whole: Asset, part: Part): AppThunk<Promise<Asset>> =>
  async (_dispatch, _getState, { workers }) => {
    const { blob, width, height } = await workers.pictures.crop(whole.blob, part);
    const asset: Asset = {
      id: freshId(),
      fileName: `${whole.fileName.replace(/\.[^.]+$/, "")}.webp`,
      type: blob.type,
      width,
      height,
      blob,
    };
    await makeRoom(blob.size);
    await addAsset(asset, whole);
    return asset;
  };
