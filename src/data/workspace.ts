/**
 * The workspace file (.dunesparrow.zip): everything in one file, "workspace.json" with pictures beside it in "pictures/",
 * the keywords of each look-up in "look-ups/" and the pages of each field in "fields/".
 * Nothing is taken from a file before all of it has been checked.
 */
import { strFromU8, strToU8, unzipSync, zipSync } from "fflate";
import { safeDoc } from "../core/draft/safeDoc";
import type { KeywordRow } from "../core/keywords/keyword";
import { followPost, type KeywordList } from "../core/keywords/list";
import { type FoundKeyword, rowsOf, tableOf } from "../core/keywords/table";
import { completeProfile, type Profile } from "../core/proof/profile";
import { bodyOf, storedBody } from "./bodies";
import { db, flatFile } from "./db";
import { headOf, listOfPost } from "./listOfPost";
import { allLists } from "./lists";
import type {
  Asset,
  Body,
  DrawerEntry,
  Idea,
  LookUp,
  Outline,
  Post,
  PostField,
  PostVersion,
  Recording,
  SearchConnection,
  Site,
  VersionBody,
} from "./model";
import type { CollectedField } from "./schemas/field";
import type { Article } from "./schemas/search";
import { checkShape, parseJson, ShapeError } from "./schemas/validate";
import {
  field as validateField,
  lookUp as validateLookUp,
  workspace as validateWorkspace,
} from "./schemas/validators.generated.js";
import { emptySite } from "./settings";

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
  /** Files from before there were look-ups have one flat list of keywords. */
  keywords: KeywordRow[];
  /** Left out in files from before there were lists: every post then gets one. */
  lists?: KeywordList[];
  lookUps?: LookUp[];
  ideas?: Idea[];
  search?: SearchConnection;
  hidden?: string[];
  fields?: PostField[];
  drawer?: DrawerEntry[];
  versions?: PostVersion[];
  versionBodies?: VersionBody[];
  recordings?: Recording[];
  assets: (Omit<Asset, "blob"> & { file: string })[];
}

/** What a look-up holds, in a file of its own. */
export interface LookUpFile {
  keywords: FoundKeyword[];
  articles: Article[];
}

export interface Workspace {
  file: WorkspaceFile;
  /** By the id of the look-up. */
  lookUps: Map<string, LookUpFile>;
  /** By the id of the field. */
  fields: Map<string, CollectedField>;
  pictures: Map<string, Uint8Array>;
}

const JSON_NAME = "workspace.json";
/** Unpacked size that a browser can still hold; a small zip may claim to be huge. */
const MOST_BYTES = 1 << 30;
const A_WORKSPACE = "a workspace file of Dune Sparrow";
const lookUpName = (id: string): string => `look-ups/${id}.json`;
const fieldName = (id: string): string => `fields/${id}.json`;

/** Reads and checks a workspace file. @throws ShapeError, with what is wrong; nothing has been touched then */
export function readWorkspace(bytes: Uint8Array): Workspace {
  let entries: Record<string, Uint8Array>;
  let total = 0;
  try {
    entries = unzipSync(bytes, {
      filter: (entry) => {
        total += entry.originalSize;
        if (total > MOST_BYTES) throw new Error("it unpacks to more than 1 GB");
        return entry.name === JSON_NAME || /^(?:pictures|look-ups|fields)\//.test(entry.name);
      },
    });
  } catch (error) {
    throw new ShapeError(`This is not ${A_WORKSPACE}: it cannot be unpacked.`, [(error as Error).message]);
  }
  const json = entries[JSON_NAME];
  if (!json) throw new ShapeError(`This is not ${A_WORKSPACE}.`, [`There is no ${JSON_NAME} in it.`]);
  const file = checkShape<WorkspaceFile>(
    validateWorkspace,
    withWholeProfile(parseJson(strFromU8(json), A_WORKSPACE)),
    A_WORKSPACE,
  );
  const missing = [
    ...file.assets
      .filter((asset) => !entries[asset.file])
      .map((asset) => `The picture ${asset.file} is missing.`),
    ...(file.lookUps ?? [])
      .filter(({ id }) => !entries[lookUpName(id)])
      .map(({ id }) => `The keywords ${lookUpName(id)} are missing.`),
    ...(file.fields ?? [])
      .filter(({ id }) => !entries[fieldName(id)])
      .map(({ id }) => `The pages ${fieldName(id)} are missing.`),
  ];
  if (missing.length) throw new ShapeError("This workspace file is not whole.", missing.slice(0, 12));
  const part = <T>(name: string, what: string, validate: typeof validateField): T =>
    checkShape<T>(validate, parseJson(strFromU8(entries[name]!), `${what} (${name})`), `${what} (${name})`);
  const lookUps = new Map(
    (file.lookUps ?? []).map(({ id }) => [
      id,
      part<LookUpFile>(lookUpName(id), "the keywords of a look-up", validateLookUp),
    ]),
  );
  const fields = new Map(
    (file.fields ?? []).map(({ id }) => [
      id,
      part<CollectedField>(fieldName(id), "the pages of a field", validateField),
    ]),
  );
  return {
    file,
    lookUps,
    fields,
    pictures: new Map(file.assets.map((asset) => [asset.id, entries[asset.file]!])),
  };
}

const withWholeProfile = (file: unknown): unknown =>
  typeof file === "object" && file !== null && "profile" in file
    ? { ...file, profile: completeProfile(file.profile) }
    : file;

/** Replaces all that the database holds, in one transaction: it happens whole or not at all. */
export async function replaceWorkspace({ file, lookUps, fields, pictures }: Workspace): Promise<void> {
  const assets = file.assets.map(({ file: _name, ...asset }): Asset => {
    const bytes = pictures.get(asset.id)!;
    return { ...asset, blob: new Blob([bytes as BlobPart], { type: asset.type }) };
  });
  const lists = agreeing(file);
  const flat = flatFile(file.keywords, file.savedAt ?? "");
  await db.transaction("rw", db.tables, async () => {
    await Promise.all(db.tables.map((table) => table.clear()));
    await db.settings.put({ key: "site", value: file.site });
    if (file.profile) await db.settings.put({ key: "profile", value: file.profile });
    if (file.search) await db.settings.put({ key: "search", value: file.search });
    if (file.hidden) await db.settings.put({ key: "hidden", value: file.hidden });
    await db.posts.bulkAdd(file.posts);
    await db.bodies.bulkAdd(
      file.bodies.map(({ postId, doc }) => storedBody({ postId, doc: safeDoc(doc).doc })),
    );
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
    await db.fieldBodies.bulkAdd([...fields].map(([fieldId, collected]) => ({ fieldId, ...collected })));
    await db.drawer.bulkAdd(file.drawer ?? []);
    await db.recordings.bulkAdd(file.recordings ?? []);
    await db.versions.bulkAdd(file.versions ?? []);
    await db.versionBodies.bulkAdd(
      (file.versionBodies ?? []).map(({ versionId, doc }) => ({ versionId, doc: safeDoc(doc).doc })),
    );
    if (flat) {
      await db.lookUps.add(flat.lookUp);
      await db.lookUpBodies.add(flat.body);
    }
    await db.assets.bulkAdd(assets);
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

export async function emptyWorkspace(): Promise<void> {
  const file: WorkspaceFile = {
    format: "dune-sparrow-workspace",
    version: 1,
    site: emptySite,
    posts: [],
    bodies: [],
    outlines: [],
    keywords: [],
    lists: [],
    assets: [],
  };
  await replaceWorkspace({ file, lookUps: new Map(), fields: new Map(), pictures: new Map() });
}

/** Everything in one file. */
export async function packWorkspace(now: string): Promise<Uint8Array> {
  const [
    settings,
    posts,
    bodies,
    outlines,
    lists,
    ideas,
    lookUps,
    found,
    fields,
    collected,
    drawer,
    versions,
    versionBodies,
    recordings,
    assets,
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
      db.assets.toArray(),
    ]),
  );
  const setting = (key: string): unknown => settings.find((one) => one.key === key)?.value;
  const names = assets.map((asset) => `pictures/${asset.id}-${asset.fileName.replace(/[/\\]/g, "-")}`);
  const file: WorkspaceFile = {
    format: "dune-sparrow-workspace",
    version: 1,
    savedAt: now,
    site: (setting("site") as Site | undefined) ?? emptySite,
    ...Object.fromEntries(
      (["profile", "search", "hidden"] as const).flatMap((key) =>
        setting(key) ? [[key, setting(key)]] : [],
      ),
    ),
    posts,
    bodies: bodies.map(bodyOf),
    outlines,
    keywords: [],
    lists,
    lookUps,
    ideas,
    fields,
    drawer,
    versions,
    versionBodies,
    recordings,
    assets: assets.map(({ blob: _blob, ...asset }, i) => ({ ...asset, file: names[i]! })),
  };
  const entries: Record<string, Uint8Array> = { [JSON_NAME]: strToU8(JSON.stringify(file)) };
  for (const { lookUpId, table, articles } of found) {
    const held: LookUpFile = { keywords: rowsOf(table), articles };
    entries[lookUpName(lookUpId)] = strToU8(JSON.stringify(held));
  }
  for (const { fieldId, ...body } of collected)
    entries[fieldName(fieldId)] = strToU8(JSON.stringify(body satisfies CollectedField));
  for (const [i, asset] of assets.entries())
    entries[names[i]!] = new Uint8Array(await asset.blob.arrayBuffer());
  return zipSync(entries, { level: 6 });
}
