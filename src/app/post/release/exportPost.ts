/** The post as files to take away: one HTML page, or Markdown with its pictures in a zip. */

import * as Comlink from "comlink";
import type { Block, Draft, PictureBlock } from "../../../core/draft/draft";
import { filesOf } from "../../../core/draft/files";
import { uploadAddress } from "../../../core/site/pages/standalone";
import { assetId, getAsset } from "../../../data/assets";
import { writeContext } from "../../../data/contextFile";
import { draftOf } from "../../../data/draft";
import type { Asset } from "../../../data/model";
import type { Progress, ZipItem } from "../../../data/zip";
import { openContext } from "../../posts/openContext";
import type { PostSession } from "../../store/postSession";
import type { AppThunk } from "../../store/thunk";

export interface ExportedFile {
  name: string;
  blob: Blob;
  /** Pictures whose file is not in the workspace: they stay as addresses. */
  missing: number;
  /** The picture that a shared link shows, where it is embedded: it must be put at this address by hand. */
  upload?: { name: string; blob: Blob; address: string };
}

export interface ExportOptions {
  /** Newer pictures are written as JPEG, which everything reads. */
  jpeg: boolean;
  onProgress: Progress;
  signal: AbortSignal;
}

/** What the proof knows of the open post, for scoring it by command. */
export const exportContext = (): AppThunk<ExportedFile> => (_dispatch, getState) => {
  const state = getState();
  const { post } = state.openPost;
  if (!post) throw new Error("No post is open.");
  const text = writeContext(openContext(post, state));
  return {
    name: `${safeName(post.slug) || "post"}.context.json`,
    blob: new Blob([text], { type: "application/json" }),
    missing: 0,
  };
};

/** The body for a blog, in both forms that a clipboard takes. */
export const blogBodies =
  (session: PostSession): AppThunk<Promise<{ html: string; rich: string }>> =>
  async (dispatch, _getState, { workers }) => {
    const { draft } = dispatch(openDraft(session));
    const { items } = await dispatch(picturesIn("", draft, false));
    const names = Object.fromEntries([...items].map(([src, { name }]) => [src, name]));
    const [html, rich] = await Promise.all([
      workers.draft.toBlog(draft, "image", names),
      workers.draft.toBlog(draft, "place", names),
    ]);
    return { html, rich };
  };

/** All pictures of the post in a zip, by the names that the text calls them. */
export const exportPictures =
  (session: PostSession, options: ExportOptions): AppThunk<Promise<ExportedFile>> =>
  async (dispatch) => {
    const { draft, name } = dispatch(openDraft(session));
    const { items, missing } = await dispatch(picturesIn("", draft, options.jpeg));
    return {
      name: `${name}-pictures.zip`,
      blob: await dispatch(zipped([...items.values()], options)),
      missing,
    };
  };

/** One HTML page that stands alone, pictures embedded. */
export const exportPage =
  (session: PostSession, options: ExportOptions): AppThunk<Promise<ExportedFile>> =>
  async (dispatch, _getState, { workers }) => {
    const { draft, name, siteName } = dispatch(openDraft(session));
    const { files: pictures, missing } = await dispatch(pictureFiles(draft, options.jpeg));
    const sources: Record<string, string> = {};
    for (const [src, { blob }] of pictures) sources[src] = await dataAddress(blob);
    const named = { ...draft, blocks: draft.blocks.map((block) => renamed(block, pictures)) };
    const names = Object.fromEntries([...pictures].map(([src, { fileName }]) => [src, fileName]));
    const html = await workers.draft.toPage(named, siteName, sources, names);
    const shared = draft.meta.socialPicture || leadOf(draft)?.src;
    const file = pictures.get(shared ?? "");
    const address = uploadAddress(draft.meta.canonical, file?.fileName ?? "");
    return {
      name: `${name}.html`,
      blob: new Blob([html], { type: "text/html" }),
      missing,
      ...(file && address && { upload: { name: file.fileName, blob: file.blob, address } }),
    };
  };

const leadOf = ({ blocks }: Draft): PictureBlock | undefined =>
  blocks.find((block): block is PictureBlock => block.kind === "picture");

/** Markdown with front matter, and the pictures beside it, in a zip. */
export const exportMarkdown =
  (session: PostSession, options: ExportOptions): AppThunk<Promise<ExportedFile>> =>
  async (dispatch, _getState, { workers }) => {
    const { draft, name } = dispatch(openDraft(session));
    const { items, missing } = await dispatch(picturesIn("pictures/", draft, options.jpeg));
    const sources = Object.fromEntries(
      [...items].map(([src, { name: path }]) => [src, path.split("/").map(encodeURIComponent).join("/")]),
    );
    const text: ZipItem = { name: `${name}.md`, content: await workers.draft.toMarkdown(draft, sources) };
    const context = dispatch(exportContext());
    const first: ZipItem = { name: context.name, content: context.blob };
    return {
      name: `${name}.zip`,
      blob: await dispatch(zipped([text, first, ...items.values()], options)),
      missing,
    };
  };

const openDraft =
  (session: PostSession): AppThunk<{ draft: Draft; name: string; siteName: string }> =>
  (_dispatch, getState) => {
    const { openPost, session: app } = getState();
    if (!openPost.post) throw new Error("No post is open.");
    const draft = draftOf(openPost.post, app.site, session.json());
    return { draft, name: safeName(openPost.post.slug) || "post", siteName: app.site.name };
  };

interface PictureFile {
  fileName: string;
  blob: Blob;
}

/** The files that a draft shows and offers by their address in it, named as the post names them. */
const pictureFiles =
  (draft: Draft, jpeg: boolean): AppThunk<Promise<{ files: Map<string, PictureFile>; missing: number }>> =>
  async (dispatch) => {
    const files = new Map<string, PictureFile>();
    let missing = 0;
    const pictures = draft.blocks.flatMap((block) => {
      if (block.kind === "picture") return [block];
      return block.kind === "embed" && block.poster ? [{ src: block.poster, fileName: "" }] : [];
    });
    const { socialPicture } = draft.meta;
    // What else blocks need: a file to download, the picture of a card.
    const others = [...(socialPicture ? [socialPicture] : []), ...filesOf(draft.blocks)];
    const seen = new Set<string>();
    for (const { src, fileName } of [...pictures, ...others.map((src) => ({ src, fileName: "" }))]) {
      const id = assetId(src);
      if (!id || seen.has(src)) continue;
      seen.add(src);
      const asset = await getAsset(id);
      if (!asset) missing++;
      else files.set(src, await dispatch(pictureFile(asset, fileName || asset.fileName, jpeg)));
    }
    return { files, missing };
  };

/** The same as files of a folder, each with a path that no other has. */
const picturesIn =
  (
    folder: string,
    draft: Draft,
    jpeg: boolean,
  ): AppThunk<Promise<{ items: Map<string, ZipItem>; missing: number }>> =>
  async (dispatch) => {
    const { files, missing } = await dispatch(pictureFiles(draft, jpeg));
    const taken = new Set<string>();
    const items = new Map<string, ZipItem>();
    for (const [src, { fileName, blob }] of files) {
      const name = freePath(taken, folder, fileName);
      taken.add(name);
      items.set(src, { name, content: blob });
    }
    return { items, missing };
  };

const NEWER = new Set(["image/webp", "image/avif"]);

const pictureFile =
  ({ blob, type }: Asset, fileName: string, jpeg: boolean): AppThunk<Promise<PictureFile>> =>
  async (_dispatch, _getState, { workers }) => {
    if (!jpeg || !NEWER.has(type)) return { fileName, blob };
    return { fileName: `${fileName.replace(/\.[^.]+$/, "")}.jpg`, blob: await workers.pictures.jpeg(blob) };
  };

function renamed(block: Block, files: ReadonlyMap<string, PictureFile>): Block {
  const file = block.kind === "picture" && files.get(block.src);
  return file ? { ...block, fileName: file.fileName } : block;
}

/** A path in a folder that no other picture has. */
function freePath(taken: ReadonlySet<string>, folder: string, fileName: string): string {
  const clean = safeName(fileName) || "picture";
  const dot = clean.lastIndexOf(".");
  const [stem, ending] = dot > 0 ? [clean.slice(0, dot), clean.slice(dot)] : [clean, ""];
  let path = `${folder}${clean}`;
  for (let n = 2; taken.has(path); n++) path = `${folder}${stem}-${n}${ending}`;
  return path;
}

/** A name that every file system takes, and that leads nowhere else. */
const safeName = (name: string): string =>
  name
    // biome-ignore lint/suspicious/noControlCharactersInRegex: control characters are what it removes
    .replace(/[\u0000-\u001f<>:"/\\|?*]+/g, "-")
    .replace(/^\.+/, "")
    .slice(0, 120)
    .trim();

function dataAddress(blob: Blob): Promise<string> {
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result));
    reader.onerror = () => reject(reader.error ?? new Error("The picture could not be read."));
    reader.readAsDataURL(blob);
  });
}

const zipped =
  (items: ZipItem[], { onProgress, signal }: ExportOptions): AppThunk<Promise<Blob>> =>
  (_dispatch, _getState, { workers }) =>
    workers.withFiles(signal, (files) => files.packFiles(items, Comlink.proxy(onProgress)));
