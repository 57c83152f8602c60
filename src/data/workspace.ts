/**
 * The workspace file (.dunesparrow.zip): everything in one file, "workspace.json" with pictures beside it in "pictures/".
 * Nothing is taken from a file before all of it has been checked.
 */
import { strFromU8, strToU8, unzipSync, zipSync } from "fflate";
import { safeDoc } from "../core/draft/safeDoc";
import type { KeywordRow } from "../core/keywords/keyword";
import type { Profile } from "../core/proof/profile";
import { foldPlain } from "../core/text/fold";
import { db } from "./db";
import type { Asset, Body, Outline, Post, Site } from "./model";
import { checkShape, parseJson, ShapeError } from "./schemas/validate";
import { workspace as validateWorkspace } from "./schemas/validators.generated.js";
import { emptySite, getSite } from "./settings";

export interface WorkspaceFile {
  format: "dune-sparrow-workspace";
  version: 1;
  savedAt?: string;
  site: Site;
  /** Where the site is scored by a profile of its own. */
  profile?: Profile;
  posts: Post[];
  bodies: Body[];
  outlines: Outline[];
  keywords: KeywordRow[];
  assets: (Omit<Asset, "blob"> & { file: string })[];
}

export interface Workspace {
  file: WorkspaceFile;
  pictures: Map<string, Uint8Array>;
}

const JSON_NAME = "workspace.json";
/** Unpacked size that a browser can still hold; a small zip may claim to be huge. */
const MOST_BYTES = 1 << 30;
const A_WORKSPACE = "a workspace file of Dune Sparrow";

/** Reads and checks a workspace file. @throws ShapeError, with what is wrong; nothing has been touched then */
export function readWorkspace(bytes: Uint8Array): Workspace {
  let entries: Record<string, Uint8Array>;
  let total = 0;
  try {
    entries = unzipSync(bytes, {
      filter: (entry) => {
        total += entry.originalSize;
        if (total > MOST_BYTES) throw new Error("it unpacks to more than 1 GB");
        return entry.name === JSON_NAME || entry.name.startsWith("pictures/");
      },
    });
  } catch (error) {
    throw new ShapeError(`This is not ${A_WORKSPACE}: it cannot be unpacked.`, [(error as Error).message]);
  }
  const json = entries[JSON_NAME];
  if (!json) throw new ShapeError(`This is not ${A_WORKSPACE}.`, [`There is no ${JSON_NAME} in it.`]);
  const file = checkShape<WorkspaceFile>(
    validateWorkspace,
    parseJson(strFromU8(json), A_WORKSPACE),
    A_WORKSPACE,
  );
  const missing = file.assets
    .filter((asset) => !entries[asset.file])
    .map((asset) => `The picture ${asset.file} is missing.`);
  if (missing.length) throw new ShapeError("This workspace file is not whole.", missing.slice(0, 12));
  return { file, pictures: new Map(file.assets.map((asset) => [asset.id, entries[asset.file]!])) };
}

/** Replaces all that the database holds, in one transaction: it happens whole or not at all. */
export async function replaceWorkspace({ file, pictures }: Workspace): Promise<void> {
  const assets = file.assets.map(({ file: _name, ...asset }): Asset => {
    const bytes = pictures.get(asset.id)!;
    return { ...asset, blob: new Blob([bytes as BlobPart], { type: asset.type }) };
  });
  await db.transaction("rw", db.tables, async () => {
    await Promise.all(db.tables.map((table) => table.clear()));
    await db.settings.put({ key: "site", value: file.site });
    if (file.profile) await db.settings.put({ key: "profile", value: file.profile });
    await db.posts.bulkAdd(file.posts);
    await db.bodies.bulkAdd(file.bodies.map(({ postId, doc }) => ({ postId, doc: safeDoc(doc).doc })));
    await db.outlines.bulkAdd(file.outlines);
    await db.keywords.bulkPut(file.keywords.map((row) => ({ ...row, id: foldPlain(row.text) })));
    await db.assets.bulkAdd(assets);
  });
}

export async function emptyWorkspace(): Promise<void> {
  const file: WorkspaceFile = {
    format: "dune-sparrow-workspace",
    version: 1,
    site: emptySite,
    posts: [],
    bodies: [],
    outlines: [],
    keywords: [],
    assets: [],
  };
  await replaceWorkspace({ file, pictures: new Map() });
}

/** Everything in one file. */
export async function packWorkspace(now: string): Promise<Uint8Array> {
  const [site, profile, posts, bodies, outlines, keywords, assets] = await db.transaction(
    "r",
    db.tables,
    () =>
      Promise.all([
        getSite(),
        db.settings.get("profile"),
        db.posts.toArray(),
        db.bodies.toArray(),
        db.outlines.toArray(),
        db.keywords.toArray(),
        db.assets.toArray(),
      ]),
  );
  const names = assets.map((asset) => `pictures/${asset.id}-${asset.fileName.replace(/[/\\]/g, "-")}`);
  const file: WorkspaceFile = {
    format: "dune-sparrow-workspace",
    version: 1,
    savedAt: now,
    site: site ?? emptySite,
    ...(profile && { profile: profile.value as Profile }),
    posts,
    bodies,
    outlines,
    keywords: keywords.map(({ id: _id, ...row }) => row),
    assets: assets.map(({ blob: _blob, ...asset }, i) => ({ ...asset, file: names[i]! })),
  };
  const entries: Record<string, Uint8Array> = { [JSON_NAME]: strToU8(JSON.stringify(file)) };
  for (const [i, asset] of assets.entries())
    entries[names[i]!] = new Uint8Array(await asset.blob.arrayBuffer());
  return zipSync(entries, { level: 6 });
}
