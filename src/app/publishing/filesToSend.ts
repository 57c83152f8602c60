import { filesOf } from "../../core/draft/files";
import type { RenderedPost } from "../../core/site/site";
import { ASSET_PREFIX } from "../../data/assets";
import type { Site } from "../../data/model";

/** Files of the workspace that a post shows or offers, and the picture of the site, each once, as its document calls them. */
export function filesToSend(
  { blocks, leadPicture, socialPicture }: RenderedPost,
  site: Pick<Site, "socialPicture">,
): string[] {
  const all = [...filesOf(blocks), leadPicture?.src ?? "", socialPicture, site.socialPicture ?? ""];
  return [...new Set(all)].filter((src) => src.startsWith(ASSET_PREFIX));
}
