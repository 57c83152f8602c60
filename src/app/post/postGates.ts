import type { EditorDoc } from "../../core/blocks/editorJson";
import { type Gate, gates } from "../../core/release/gates/registry";
import { rawPasteSigns } from "../../core/release/rawPaste";
import { textsToReview } from "../../core/release/toReview";
import { postDraft } from "../../data/draft";
import type { Post, Site } from "../../data/model";
import type { PostSession } from "../store/postSession";
import { postLeftovers } from "./postLeftovers";

/** Titles of other posts at the same address. */
export const sameSlugAs = (post: Post | null, posts: readonly Post[]): string[] =>
  posts
    .filter((other) => post?.slug && other.id !== post.id && other.slug === post.slug)
    .map(({ title }) => title);

/** @param sameSlug titles of other posts at the same address */
export function postGates(
  post: Post,
  sameSlug: string[],
  site: Site,
  text: Pick<PostSession, "json" | "blocks">,
  source: { post: Post; doc: EditorDoc } | null,
): Gate[] {
  const draft = postDraft(post, site, text.blocks());
  return gates(draft, {
    sameSlug,
    rawSigns: rawPasteSigns(text.json()),
    leftovers: source && {
      title: source.post.title,
      names: postLeftovers(post, site, draft.blocks, source).map(({ name }) => name),
    },
    toReview: post.begun?.length ? textsToReview(draft.blocks, post.begun).map(({ text }) => text) : null,
  });
}
