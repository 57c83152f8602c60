/** Packing all that the database holds into one file. */
import { asItCame } from "../../core/draft/sound/soundDoc";
import { rowsOf } from "../../core/keywords/table";
import { bodyOf } from "../bodies";
import { db } from "../db";
import type { Asset, Site } from "../model";
import type { CollectedCompetitors } from "../schemas/collected";
import { emptySite } from "../settings";
import { allLists } from "../wholeLists";
import { type Progress, pack, type ZipItem } from "../zip";
import {
  FORMAT,
  fieldName,
  JSON_NAME,
  type LookUpFile,
  lookUpName,
  MANIFEST_NAME,
  type Manifest,
  type PackedAsset,
  sha256,
  VERSION,
  type WorkspaceFile,
} from "./workspaceFile";

/**
 * Everything in one file.
 *
 * @param now when it is written (ISO)
 * @param originals with what pictures were made of too, for a copy that stays in this browser
 */
export async function packWorkspace(
  now: string,
  { originals: withOriginals = false, onProgress }: { originals?: boolean; onProgress?: Progress } = {},
): Promise<Blob> {
  const [
    settings,
    posts,
    bodies,
    outlines,
    lists,
    ideas,
    lookUps,
    lookUpBodies,
    sets,
    collected,
    drawer,
    versions,
    versionBodies,
    recordings,
    redirects,
    liveCopies,
    reviews,
    assets,
    originals,
  ] = await db.transaction("r", db.tables, () =>
    Promise.all([
      db.settings.toArray(),
      db.posts.toArray(),
      db.bodies.toArray(),
      db.outlines.toArray(),
      allLists(),
      db.ideas.toArray(),
      db.lookUps.toArray(),
      db.lookUpBodies.toArray(),
      db.fields.toArray(),
      db.fieldBodies.toArray(),
      db.drawer.toArray(),
      db.versions.toArray(),
      db.versionBodies.toArray(),
      db.recordings.toArray(),
      db.redirects.toArray(),
      db.liveCopies.toArray(),
      db.reviews.toArray(),
      db.assets.toArray(),
      withOriginals ? db.originals.toArray() : [],
    ]),
  );
  const setting = (key: string): unknown => settings.find((one) => one.key === key)?.value;
  const packed = ({ blob: _blob, fresh: _fresh, ...asset }: Asset, folder: string): PackedAsset => ({
    ...asset,
    file: `${folder}/${asset.id}-${asset.fileName.replace(/[/\\]/g, "-")}`,
  });
  const file: WorkspaceFile = {
    format: FORMAT,
    version: VERSION,
    savedAt: now,
    site: (setting("site") as Site | undefined) ?? emptySite,
    ...Object.fromEntries(
      (["profile", "search", "blog", "writer", "hidden", "starts"] as const).flatMap((key) =>
        setting(key) ? [[key, setting(key)]] : [],
      ),
    ),
    posts,
    bodies: bodies.map(bodyOf).map(({ postId, doc }) => ({ postId, doc: asItCame(doc) })),
    outlines,
    keywords: [],
    lists,
    lookUps,
    ideas,
    fields: sets,
    drawer,
    versions,
    versionBodies: versionBodies.map(({ versionId, doc }) => ({ versionId, doc: asItCame(doc) })),
    recordings,
    redirects,
    liveCopies: liveCopies.map((copy) => ({ ...copy, doc: asItCame(copy.doc) })),
    reviews: reviews.map((review) => ({ ...review, doc: asItCame(review.doc) })),
    assets: assets.map((asset) => packed(asset, "pictures")),
    ...(withOriginals && {
      originals: originals.map(({ assetId, asset }) => ({ assetId, asset: packed(asset, "originals") })),
    }),
  };
  const items: ZipItem[] = [{ name: JSON_NAME, content: JSON.stringify(file) }];
  for (const { lookUpId, table, articles } of lookUpBodies) {
    const held: LookUpFile = { keywords: rowsOf(table), articles };
    items.push({ name: lookUpName(lookUpId), content: JSON.stringify(held) });
  }
  for (const { fieldId, ...body } of collected)
    items.push({ name: fieldName(fieldId), content: JSON.stringify(body satisfies CollectedCompetitors) });
  for (const [i, { blob }] of assets.entries()) items.push({ name: file.assets[i]!.file, content: blob });
  for (const [i, { asset }] of originals.entries())
    items.push({ name: file.originals![i]!.asset.file, content: asset.blob });
  return packFiles(items, onProgress);
}

/** Packs the files of a workspace, and what each of them was. */
export async function packFiles(items: ZipItem[], onProgress?: Progress, when?: Date): Promise<Blob> {
  const files: Manifest["files"] = {};
  for (const { name, content } of items) files[name] = await sha256(await bytesOf(content));
  const manifest: Manifest = { version: 1, files };
  return pack([{ name: MANIFEST_NAME, content: JSON.stringify(manifest) }, ...items], onProgress, when);
}

async function bytesOf(content: ZipItem["content"]): Promise<BufferSource> {
  if (typeof content === "string") return new TextEncoder().encode(content);
  return content instanceof Blob ? content.arrayBuffer() : (content as Uint8Array<ArrayBuffer>);
}
