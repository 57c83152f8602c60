import { filesOf } from "../../core/draft/files";
import type { RenderedPost } from "../../core/site/site";
import { ASSET_PREFIX } from "../../data/assets";

/** Files of the workspace that a post shows or offers, each once, as its document calls them. */
export function filesToSend({ blocks, leadPicture, socialPicture }: RenderedPost): string[] {
  const all = [...filesOf(blocks), leadPicture?.src ?? "", socialPicture];
  return [...new Set(all)].filter((src) => src.startsWith(ASSET_PREFIX));
}
