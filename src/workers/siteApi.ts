/** Pages of the site, off the main thread. */
import type { EditorDoc } from "../core/blocks/editorJson";
import { isPictureType } from "../core/media/mediaTypes";
import { changedParts } from "../core/micropub/changes";
import { entryOfPost } from "../core/micropub/postEntry";
import { type RenderedPage, renderPage } from "../core/site/renderPage";
import type { RenderedPost, SiteDownload, SitePicture, SiteSource } from "../core/site/site";
import { ASSET_PREFIX, assetId, getAsset, listAssetHeads } from "../data/assets";
import { listLiveCopies } from "../data/liveCopies";
import { livePost } from "../data/livePost";
import type { LiveCopy, Post, Site } from "../data/model";
import { listPosts } from "../data/posts";
import { listRedirects } from "../data/redirects";
import { isLiveAt, renderedPost } from "../data/renderedSite";
import { getDocsAsJson } from "../data/textsAsJson";
import { sha256 } from "../data/workspace/workspaceFile";
import { type Progress, pack } from "../data/zip";
import { type SiteFiles, siteFiles } from "./siteFiles";

export function createSiteApi() {
  /** Posts as they were rendered last, by what they were made of: a site of a thousand is not read anew for each key. */
  const kept = new Map<string, { basis: string; post: RenderedPost }>();

  async function livePosts(site: Site, now: number, without: string): Promise<RenderedPost[]> {
    const copies = new Map((await listLiveCopies()).map((copy) => [copy.postId, copy]));
    const posts = (await listPosts()).filter((post) => post.id !== without && isLiveAt(post, now));
    const basisOf = (post: Post, copy: LiveCopy | undefined) => copy?.sentAt ?? post.updatedAt;
    const stale = posts.filter((post) => !copies.has(post.id) && kept.get(post.id)?.basis !== post.updatedAt);
    const docs = await getDocsAsJson(stale.map(({ id }) => id));
    const docOf = new Map(stale.map(({ id }, at) => [id, docs[at]!]));
    return posts.map((post) => {
      const copy = copies.get(post.id);
      const basis = basisOf(post, copy);
      const held = kept.get(post.id);
      if (held?.basis === basis) return held.post;
      const rendered = copy
        ? livePost(copy, site.categories)
        : renderedPost(post, JSON.parse(docOf.get(post.id)!) as EditorDoc);
      kept.set(post.id, { basis, post: rendered });
      return rendered;
    });
  }

  /** Whether a post differs from what was sent, by what both were then. */
  const compared = new Map<string, { basis: string; differs: boolean }>();

  return {
    /** Posts that are live, or about to be, and differ from what readers have. */
    async changedPosts(site: Site): Promise<string[]> {
      const posts = new Map((await listPosts()).map((post) => [post.id, post]));
      const copies = (await listLiveCopies()).filter(({ postId }) => posts.has(postId));
      const basisOf = ({ postId, sentAt }: LiveCopy) => `${posts.get(postId)!.updatedAt} ${sentAt}`;
      const stale = copies.filter((copy) => compared.get(copy.postId)?.basis !== basisOf(copy));
      const docs = await getDocsAsJson(stale.map(({ postId }) => postId));
      for (const [at, copy] of stale.entries()) {
        const post = renderedPost(posts.get(copy.postId)!, JSON.parse(docs[at]!) as EditorDoc);
        const now = entryOfPost(post, site.categories, (src) => copy.media[src] ?? src);
        compared.set(copy.postId, {
          basis: basisOf(copy),
          differs: changedParts(copy.entry, now).length > 0,
        });
      }
      return copies.filter(({ postId }) => compared.get(postId)?.differs).map(({ postId }) => postId);
    },
    /** The whole site, of what is live at a moment (ISO), as files. */
    async exportSite(site: Site, now: string, onProgress: Progress): Promise<SiteFiles> {
      const source: SiteSource = {
        site,
        posts: await livePosts(site, Date.parse(now), ""),
        redirects: await listRedirects(),
        ...(await hashedFiles()),
      };
      return siteFiles(
        source,
        async (src) => {
          const id = assetId(src);
          return (id === null ? undefined : await getAsset(id))?.blob ?? null;
        },
        onProgress,
      );
    },
    /** The same in one zip. */
    async exportZip(
      site: Site,
      now: string,
      onProgress: Progress,
    ): Promise<Omit<SiteFiles, "items"> & { zip: Blob }> {
      const { items, ...rest } = await this.exportSite(site, now, onProgress);
      return { ...rest, zip: await pack(items, () => {}) };
    },
    /** The page of a post as readers would get it if it went out now, among those that are live. @param now ISO */
    async preview(post: Post, doc: EditorDoc, site: Site, now: string): Promise<RenderedPage | null> {
      const own = { ...renderedPost(post, doc), published: post.publishAt || post.date || now };
      const others = await livePosts(site, Date.parse(now), post.id);
      return renderPage(
        { site, posts: [own, ...others], redirects: await listRedirects(), ...(await heldFiles()) },
        post.id,
      );
    },
  };
}
export type SiteApi = ReturnType<typeof createSiteApi>;

interface Held {
  pictures: Map<string, SitePicture>;
  downloads: Map<string, SiteDownload>;
}

/** Pictures and files by what texts call them, named by their content as everywhere. */
async function hashedFiles(): Promise<Held> {
  const held = await heldFiles();
  for (const files of [held.pictures, held.downloads] as Map<string, SiteDownload>[])
    for (const [src, file] of files) {
      const asset = await getAsset(assetId(src)!);
      if (asset) files.set(src, { ...file, hash: await sha256(await asset.blob.arrayBuffer()) });
    }
  return held;
}

/** Pictures and files by what texts call them. A preview needs no hash of their bytes: their ids are as much their own. */
async function heldFiles(): Promise<Held> {
  const held: Held = { pictures: new Map(), downloads: new Map() };
  for (const { id, fileName, type, width, height } of await listAssetHeads()) {
    const file = { hash: id, fileName, type };
    if (isPictureType(type))
      held.pictures.set(ASSET_PREFIX + id, { ...file, width: width ?? 0, height: height ?? 0 });
    else held.downloads.set(ASSET_PREFIX + id, file);
  }
  return held;
}
