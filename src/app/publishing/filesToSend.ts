import { filesOf } from "../../core/draft/files";
import { picturesOfSite, type RenderedPost } from "../../core/site/site";
import { ASSET_PREFIX } from "../../data/assets";
import type { Site } from "../../data/model";

/** Files of the workspace that a post shows or offers, and the pictures of the site, each once, as its document calls them. */
export function filesToSend(
  { blocks, leadPicture, socialPicture }: RenderedPost,
  site: Pick<Site, "socialPicture" | "categories">,
): string[] {
  const all = [...filesOf(blocks), leadPicture?.src ?? "", socialPicture, ...picturesOfSite(site)];
  return [...new Set(all)].filter((src) => src.startsWith(ASSET_PREFIX));
}
