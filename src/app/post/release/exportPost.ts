/** The post as files to take away: one HTML page, or Markdown with its pictures in a zip. */
import { strToU8, zip } from "fflate";
import type { Draft, PictureBlock } from "../../../core/draft/draft";
import { assetId, getAsset } from "../../../data/assets";
import { draftOf } from "../../../data/draft";
import type { Asset } from "../../../data/model";
import { draftWorker } from "../../../workers/clients";
import { store } from "../../store/store";
import type { PostSession } from "../session";

export interface ExportedFile {
  name: string;
  blob: Blob;
  /** Pictures whose file is not in the workspace: they stay as addresses. */
  missing: number;
}

/** One HTML page that stands alone, pictures embedded. */
export async function exportPage(session: PostSession): Promise<ExportedFile> {
  const { draft, name, siteName } = openDraft(session);
  const { assets, missing } = await pictureAssets(draft);
  const sources: Record<string, string> = {};
  for (const [src, asset] of assets) sources[src] = await dataAddress(asset.blob);
  const html = await draftWorker().toPage(draft, siteName, sources);
  return { name: `${name}.html`, blob: new Blob([html], { type: "text/html" }), missing };
}

/** Markdown with front matter, and the pictures beside it, in a zip. */
export async function exportMarkdown(session: PostSession): Promise<ExportedFile> {
  const { draft, name } = openDraft(session);
  const { assets, missing } = await pictureAssets(draft);
  const sources: Record<string, string> = {};
  const files: Record<string, Uint8Array> = {};
  for (const [src, asset] of assets) {
    const path = freePath(files, asset.fileName);
    files[path] = new Uint8Array(await asset.blob.arrayBuffer());
    sources[src] = path.split("/").map(encodeURIComponent).join("/");
  }
  files[`${name}.md`] = strToU8(await draftWorker().toMarkdown(draft, sources));
  return { name: `${name}.zip`, blob: await zipped(files), missing };
}

function openDraft(session: PostSession): { draft: Draft; name: string; siteName: string } {
  const { openPost, session: app } = store.getState();
  if (!openPost.post) throw new Error("No post is open.");
  const draft = draftOf(openPost.post, app.site, session.json());
  return { draft, name: safeName(openPost.post.slug) || "post", siteName: app.site.name };
}

async function pictureAssets(draft: Draft): Promise<{ assets: Map<string, Asset>; missing: number }> {
  const assets = new Map<string, Asset>();
  let missing = 0;
  const pictures = draft.blocks.filter((block): block is PictureBlock => block.kind === "picture");
  for (const { src } of pictures) {
    const id = assetId(src);
    if (!id || assets.has(src)) continue;
    const asset = await getAsset(id);
    if (asset) assets.set(src, asset);
    else missing++;
  }
  return { assets, missing };
}

/** A path in pictures/ that no other picture has. */
function freePath(taken: Record<string, unknown>, fileName: string): string {
  const clean = safeName(fileName) || "picture";
  const dot = clean.lastIndexOf(".");
  const [stem, ending] = dot > 0 ? [clean.slice(0, dot), clean.slice(dot)] : [clean, ""];
  let path = `pictures/${clean}`;
  for (let n = 2; taken[path]; n++) path = `pictures/${stem}-${n}${ending}`;
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

function zipped(files: Record<string, Uint8Array>): Promise<Blob> {
  return new Promise((resolve, reject) => {
    zip(files, { level: 6 }, (error, bytes) =>
      error ? reject(error) : resolve(new Blob([bytes as BlobPart], { type: "application/zip" })),
    );
  });
}
