/** Fixes in many posts: what they would do, post by post, and doing it. Each post is scored as the Desk scores it. */

import type { EditorDoc } from "../../../core/blocks/editorJson";
import type { Fix } from "../../../core/proof/fixes/fix";
import { fixedDoc } from "../../../core/proof/fixes/fixed";
import type { FixedMeta } from "../../../core/proof/fixes/fixRule";
import { isPublic } from "../../../core/site/status";
import { planContext } from "../../../data/competitors";
import { proofContext } from "../../../data/draft";
import type { Post } from "../../../data/model";
import { getDoc, getPost, savePost } from "../../../data/posts";
import { keep } from "../../post/versions/keepCurrent";
import { siteTargets } from "../../post/write/links/useLinkTargets";
import { whileFree } from "../../posts/postLock";
import { selectPosts } from "../../store/selectors";
import type { AppThunk } from "../../store/thunk";

export interface PostFixes {
  post: Post;
  doc: EditorDoc;
  fixes: Fix[];
}

/**
 * What fixes would do.
 *
 * @param ids of fixes
 * @param onProgress called before each post; what it answers says whether to go on
 */
export const previewFixes =
  (
    posts: readonly Post[],
    ids: readonly string[],
    onProgress: (done: number) => boolean,
  ): AppThunk<Promise<PostFixes[]>> =>
  async (_dispatch, getState, { workers }) => {
    const state = getState();
    const { site, profile } = state.session;
    const all = selectPosts(state);
    const results: PostFixes[] = [];
    for (const [done, post] of posts.entries()) {
      if (!onProgress(done)) break;
      const doc = await getDoc(post.id);
      const context = proofContext(post, all, site, await planContext(post.id));
      const help = { targets: siteTargets(all, site, post.id).filter(({ kind }) => kind === "post") };
      // The address of a page that is out is changed on purpose or not at all.
      const allowed = !isPublic(post.status) ? ids : ids.filter((id) => id !== "slug");
      const fixes = await workers.proof.fixPost(post, site, doc, context, profile, allowed, help);
      if (fixes.length) results.push({ post, doc, fixes });
    }
    return results;
  };

export interface BulkResult {
  fixed: number;
  /** Titles of posts that were left alone: open in another tab, changed since the preview, or gone. */
  left: string[];
  undo: () => Promise<void>;
}

/** Makes what was previewed, with a version of each post kept before. */
export const makeFixes =
  (all: readonly PostFixes[]): AppThunk<Promise<BulkResult>> =>
  async (_dispatch, getState) => {
    const done: { id: string; savedAt: string; fields: Partial<Post>; doc: EditorDoc }[] = [];
    const left: string[] = [];
    const scores = getState().posts.scores.entities;
    for (const { post, doc, fixes } of all) {
      const free = await whileFree(post.id, async () => {
        const current = await getPost(post.id);
        if (current?.updatedAt !== post.updatedAt) {
          left.push(post.title || "Untitled post");
          return;
        }
        await keep(post, doc, { why: "before fixing" }, scores[post.id] ?? null);
        const { doc: after, meta, toReview } = fixedDoc(doc, fixes);
        const fields: Partial<Post> = Object.fromEntries(
          Object.keys(meta).map((key) => [key, post[key as keyof FixedMeta]]),
        );
        const savedAt = new Date().toISOString();
        await savePost(
          post.id,
          {
            post: { ...meta, ...(toReview.length && { begun: [...(post.begun ?? []), ...toReview] }) },
            doc: after,
          },
          savedAt,
        );
        done.push({
          id: post.id,
          savedAt,
          fields: { ...fields, ...(toReview.length && { begun: post.begun ?? [] }) },
          doc,
        });
      });
      if (!free) left.push(post.title || "Untitled post");
    }
    return {
      fixed: done.length,
      left,
      undo: async () => {
        // What somebody has written since stays: the version from before is there to go back to.
        for (const { id, savedAt, fields, doc } of done)
          if ((await getPost(id))?.updatedAt === savedAt)
            await savePost(id, { post: fields, doc }, new Date().toISOString());
      },
    };
  };
