/** Pictures, kept as files. A document names one by "asset:ID". */
import { db } from "./db";
import type { Asset } from "./model";

export const ASSET_PREFIX = "asset:";
export const assetId = (src: string): string | null =>
  src.startsWith(ASSET_PREFIX) ? src.slice(ASSET_PREFIX.length) : null;

export const getAsset = (id: string): Promise<Asset | undefined> => db.assets.get(id);

/** All pictures without their files. */
export async function listAssetHeads(): Promise<Omit<Asset, "blob">[]> {
  const heads: Omit<Asset, "blob">[] = [];
  await db.assets.each(({ blob: _blob, ...head }) => {
    heads.push(head);
  });
  return heads;
}

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

/**
 * Deletes pictures that were taken in and came into no text, version or post. Only where no other tab may yet put them there.
 *
 * @returns how many
 */
export async function sweepFreshAssets(): Promise<number> {
  return db.transaction(
    "rw",
    [db.assets, db.originals, db.bodies, db.versionBodies, db.posts, db.liveCopies, db.outbox, db.settings],
    async () => {
      const fresh = new Set<string>();
      await db.assets
        .filter((asset) => asset.fresh === true)
        .each(({ id }) => {
          fresh.add(id);
        });
      if (!fresh.size) return 0;
      const seen = new Set<string>();
      const look = (text: string) => {
        for (const [, id] of text.matchAll(/asset:([\w-]+)/g)) if (fresh.has(id!)) seen.add(id!);
      };
      await db.bodies.each(({ json }) => look(json));
      await db.posts.each(({ socialPicture, leadPicture }) => {
        look(socialPicture ?? "");
        look(leadPicture?.src ?? "");
      });
      await db.settings.each(({ value }) => look(JSON.stringify(value)));
      // What readers have, and what is on its way to them.
      await db.liveCopies.each(({ doc }) => look(JSON.stringify(doc)));
      await db.outbox.each(({ doc }) => look(JSON.stringify(doc)));
      if (seen.size < fresh.size) await db.versionBodies.each(({ doc }) => look(JSON.stringify(doc)));
      await db.assets
        .where("id")
        .anyOf([...seen])
        .modify((asset) => {
          delete asset.fresh;
        });
      const left = [...fresh].filter((id) => !seen.has(id));
      await db.assets.bulkDelete(left);
      await db.originals.bulkDelete(left);
      return left.length;
    },
  );
}

/** Makes room: what pictures were made of goes before anything that a post shows. @returns whether there was any */
export async function dropOriginals(): Promise<boolean> {
  return db.transaction("rw", db.originals, async () => {
    const any = (await db.originals.count()) > 0;
    await db.originals.clear();
    return any;
  });
}
