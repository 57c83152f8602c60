import type { EditorDoc } from "../../core/draft/editorJson";
import { type Gate, gates } from "../../core/release/gates";
import { rawPasteSigns } from "../../core/release/rawPaste";
import { draftOf } from "../../data/draft";
import type { Post, Site } from "../../data/model";
import { postLeftovers } from "./postLeftovers";

/** The gates of a post among the site's others. */
export function postGates(
  post: Post,
  posts: readonly Post[],
  site: Site,
  doc: EditorDoc,
  source: { post: Post; doc: EditorDoc } | null,
): Gate[] {
  const sameSlug = posts
    .filter((other) => other.id !== post.id && other.slug && other.slug === post.slug)
    .map(({ title }) => title);
  return gates(draftOf(post, site, doc), {
    sameSlug,
    rawSigns: rawPasteSigns(doc),
    leftovers: source && {
      title: source.post.title,
      names: postLeftovers(post, site, doc, source).map(({ name }) => name),
    },
  });
}
