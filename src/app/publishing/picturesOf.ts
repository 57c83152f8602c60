import type { RenderedPost } from "../../core/site/site";
import { ASSET_PREFIX } from "../../data/assets";

/** Pictures of the workspace that a post shows, each once, as its document calls them. */
export function picturesOf({ blocks, leadPicture, socialPicture }: RenderedPost): string[] {
  const all = [
    ...blocks.flatMap((block) => (block.kind === "picture" ? [block.src] : [])),
    leadPicture?.src ?? "",
    socialPicture,
  ];
  return [...new Set(all)].filter((src) => src.startsWith(ASSET_PREFIX));
}
