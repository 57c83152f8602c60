/** What a verdict belongs to: everything that readers would get, but the dates. */
import type { EditorDoc } from "../../core/blocks/editorJson";
import { entryOfPost } from "../../core/micropub/postEntry";
import type { Post, Site } from "../../data/model";
import { renderedPost } from "../../data/renderedSite";
import { sha256 } from "../../data/workspace/workspaceFile";

export function contentHash(post: Post, doc: EditorDoc, site: Site): Promise<string> {
  const { properties } = entryOfPost(renderedPost(post, doc), site.categories, (src) => src);
  const { published: _p, updated: _u, ...content } = properties;
  return sha256(new TextEncoder().encode(JSON.stringify(content)));
}
