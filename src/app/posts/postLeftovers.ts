import type { EditorDoc } from "../../core/blocks/editorJson";
import type { Block } from "../../core/draft/draft";
import { type Leftover, leftoversOf } from "../../core/draft/leftovers";
import { draftOf, postDraft } from "../../data/draft";
import type { Post, Site } from "../../data/model";

/** What a copy still says as its source does. */
export function postLeftovers(
  post: Post,
  site: Site,
  blocks: readonly Block[],
  source: { post: Post; doc: EditorDoc } | null,
): Leftover[] {
  if (!source) return [];
  return leftoversOf(
    postDraft(post, site, blocks),
    draftOf(source.post, site, source.doc),
    post.acceptedLeftovers ?? [],
  );
}
