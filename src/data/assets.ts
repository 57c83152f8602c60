/** Pictures, kept as files. A document names one by "asset:ID". */
import { db } from "./db";
import type { Asset } from "./model";

export const ASSET_PREFIX = "asset:";
export const assetId = (src: string): string | null =>
  src.startsWith(ASSET_PREFIX) ? src.slice(ASSET_PREFIX.length) : null;

export const getAsset = (id: string): Promise<Asset | undefined> => db.assets.get(id);

/** @param original what the picture was made of, to go back to; none where it is as it came */
export async function addAsset(asset: Asset, original?: Asset): Promise<void> {
  await db.transaction("rw", db.assets, db.originals, async () => {
    await db.assets.put(asset);
    if (original) await db.originals.put({ assetId: asset.id, asset: original });
  });
}

/** What a picture was made of; undefined where it is as it came, or where the room was needed. */
export const getOriginal = async (id: string): Promise<Asset | undefined> =>
  (await db.originals.get(id))?.asset;

/** Makes room: what pictures were made of goes before anything that a post shows. @returns whether there was any */
export async function dropOriginals(): Promise<boolean> {
  return db.transaction("rw", db.originals, async () => {
    const any = (await db.originals.count()) > 0;
    await db.originals.clear();
    return any;
  });
}
