/** Putting a workspace in place of the one that is there. */
import { followPost, type KeywordList } from "../../core/keywords/list";
import { tableOf } from "../../core/keywords/table";
import { storedBody } from "../bodies";
import { db } from "../db";
import { headOf, listOfPost } from "../listOfPost";
import type { Asset } from "../model";
import { emptySite } from "../settings";
import { flatFile } from "./flatFile";
import { FORMAT, type PackedAsset, VERSION, type Workspace, type WorkspaceFile } from "./workspaceFile";

/** Replaces all that the database holds, in one transaction: it happens whole or not at all. */
export async function replaceWorkspace(
  { file, lookUps, fields: sets, pictures }: Omit<Workspace, "notes">,
  now: string,
): Promise<void> {
  const picture = ({ file: path, ...asset }: PackedAsset): Asset => ({
    ...asset,
    blob: new Blob([pictures.get(path)! as BlobPart], { type: asset.type }),
  });
  const lists = agreeing(file);
  const flat = flatFile(file.keywords, file.savedAt ?? "");
  await db.transaction("rw", db.tables, async () => {
    // Tokens and keys are this browser's, whichever workspace is in it.
    const secrets = await db.settings.bulkGet(["blogTokens", "writerKeys"]);
    await Promise.all(db.tables.map((table) => table.clear()));
    await db.settings.bulkPut(secrets.filter((secret) => secret !== undefined));
    await db.settings.put({ key: "site", value: file.site });
    await db.settings.put({ key: "backedUp", value: now });
    if (file.profile) await db.settings.put({ key: "profile", value: file.profile });
    if (file.blog) await db.settings.put({ key: "blog", value: file.blog });
    if (file.writer) await db.settings.put({ key: "writer", value: file.writer });
    if (file.starts) await db.settings.put({ key: "starts", value: file.starts });
    if (file.search) await db.settings.put({ key: "search", value: file.search });
    if (file.hidden) await db.settings.put({ key: "hidden", value: file.hidden });
    await db.posts.bulkAdd(file.posts);
    await db.bodies.bulkAdd(file.bodies.map(storedBody));
    await db.outlines.bulkAdd(file.outlines);
    await db.lists.bulkAdd(lists.map(headOf));
    await db.listBodies.bulkAdd(lists.map(({ id, keywords }) => ({ listId: id, keywords })));
    await db.ideas.bulkAdd(file.ideas ?? []);
    await db.lookUps.bulkAdd(file.lookUps ?? []);
    await db.lookUpBodies.bulkAdd(
      [...lookUps].map(([lookUpId, { keywords, articles }]) => ({
        lookUpId,
        table: tableOf(keywords),
        articles,
      })),
    );
    await db.fields.bulkAdd(file.fields ?? []);
    await db.fieldBodies.bulkAdd([...sets].map(([fieldId, collected]) => ({ fieldId, ...collected })));
    await db.drawer.bulkAdd(file.drawer ?? []);
    await db.recordings.bulkAdd(file.recordings ?? []);
    await db.versions.bulkAdd(file.versions ?? []);
    await db.versionBodies.bulkAdd(file.versionBodies ?? []);
    await db.redirects.bulkAdd(file.redirects ?? []);
    await db.liveCopies.bulkAdd(file.liveCopies ?? []);
    await db.reviews.bulkAdd(file.reviews ?? []);
    if (flat) {
      await db.lookUps.add(flat.lookUp);
      await db.lookUpBodies.add(flat.body);
    }
    await db.assets.bulkAdd(file.assets.map(picture));
    await db.originals.bulkAdd(
      (file.originals ?? []).map(({ assetId, asset }) => ({ assetId, asset: picture(asset) })),
    );
  });
}

/** The lists of a file, made to agree with its posts: each post with keywords has one, which says what the post says. */
function agreeing({ posts, lists = [], keywords }: WorkspaceFile): KeywordList[] {
  const byPost = new Map<string, KeywordList>();
  const free: KeywordList[] = [];
  for (const list of lists) {
    if (list.postId && !byPost.has(list.postId)) byPost.set(list.postId, list);
    else free.push({ ...list, postId: null });
  }
  const used = posts.flatMap((post): KeywordList[] => {
    const list = byPost.get(post.id);
    byPost.delete(post.id);
    if (list) return [followPost(list, post.keyword, post.supporting)];
    return post.keyword || post.supporting.length ? [listOfPost(post, keywords)] : [];
  });
  const widowed = [...byPost.values()].map((list) => ({ ...list, postId: null }));
  // A post's new list must not take the id of one that is there.
  const ids = new Set<string>();
  return [...used, ...free, ...widowed].filter(({ id }) => !ids.has(id) && ids.add(id));
}

export const emptyFile: WorkspaceFile = {
  format: FORMAT,
  version: VERSION,
  site: emptySite,
  posts: [],
  bodies: [],
  outlines: [],
  keywords: [],
  lists: [],
  assets: [],
};

export const emptyWorkspace = (now: string): Promise<void> =>
  replaceWorkspace({ file: emptyFile, lookUps: new Map(), fields: new Map(), pictures: new Map() }, now);
