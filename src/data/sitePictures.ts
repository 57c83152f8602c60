/** The site's pictures, with what its posts say of them: a shelf to take from. */
import type { EditorNode } from "../core/blocks/editorJson";
import { assetId } from "./assets";
import { bodyOf } from "./bodies";
import { db } from "./db";
import type { Asset } from "./model";

export interface SitePicture {
  asset: Asset;
  /** As the first post says them that says any. */
  alt: string;
  caption: string;
  /** Titles of the posts that show it, in their text or where they are shared. */
  posts: string[];
}

const captionOf = (node: EditorNode): string => (node.content ?? []).map(({ text }) => text ?? "").join("");

/** Every picture of the workspace; those that most posts show first, then by name. */
export async function sitePictures(): Promise<SitePicture[]> {
  return db.transaction("r", db.assets, db.bodies, db.posts, async () => {
    const pictures = new Map<string, SitePicture>();
    for (const asset of await db.assets.toArray())
      pictures.set(asset.id, { asset, alt: "", caption: "", posts: [] });
    const showIn = (src: string, title: string | undefined): SitePicture | undefined => {
      const picture = pictures.get(assetId(src) ?? "");
      if (picture && title && !picture.posts.includes(title)) picture.posts.push(title);
      return picture;
    };
    const posts = await db.posts.toArray();
    const titles = new Map(posts.map(({ id, title }) => [id, title || "Untitled post"]));
    for (const { id, socialPicture } of posts) if (socialPicture) showIn(socialPicture, titles.get(id));
    await db.bodies.each((body) => {
      const { postId, doc } = bodyOf(body);
      const visit = (node: EditorNode): void => {
        // A picture, or the poster of a video.
        const src = String(node.attrs?.src ?? node.attrs?.poster ?? "");
        const entry = showIn(src, titles.get(postId));
        if (entry) {
          entry.alt ||= String(node.attrs?.alt ?? "");
          entry.caption ||= captionOf(node);
        }
        node.content?.forEach(visit);
      };
      doc.content.forEach(visit);
    });
    return [...pictures.values()].sort(
      (a, b) => b.posts.length - a.posts.length || a.asset.fileName.localeCompare(b.asset.fileName),
    );
  });
}
