import type { EditorDoc } from "../../core/draft/editorJson";
import { type Leftover, leftoversOf } from "../../core/draft/leftovers";
import { draftOf } from "../../data/draft";
import type { Post, Site } from "../../data/model";

/** What a copy still says as its source does. */
export function postLeftovers(
  post: Post,
  site: Site,
  doc: EditorDoc,
  source: { post: Post; doc: EditorDoc } | null,
): Leftover[] {
  if (!source) return [];
  return leftoversOf(
    draftOf(post, site, doc),
    draftOf(source.post, site, source.doc),
    post.acceptedLeftovers ?? [],
  );
}
