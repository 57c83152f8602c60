/** Pictures, kept as files. A document names one by "asset:ID". */
import { db } from "./db";
import type { Asset } from "./model";

export const ASSET_PREFIX = "asset:";
export const assetId = (src: string): string | null =>
  src.startsWith(ASSET_PREFIX) ? src.slice(ASSET_PREFIX.length) : null;

export async function addAsset(asset: Asset): Promise<void> {
  await db.assets.put(asset);
}

export const getAsset = (id: string): Promise<Asset | undefined> => db.assets.get(id);
