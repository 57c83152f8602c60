/** Asking somebody to look at the post, and taking in what they said. */

import { filesOf } from "../../../core/draft/files";
import { isPictureType } from "../../../core/media/mediaTypes";
import { hasGain } from "../../../core/proof/finding";
import { REVIEW_FORMAT, type ReviewAnswer } from "../../../core/review/shapes";
import { assetId, getAsset } from "../../../data/assets";
import { freshId } from "../../../data/freshId";
import type { Post, Review, Site } from "../../../data/model";
import { getReview, saveReview } from "../../../data/reviews";
import { checkShape, parseJson, ShapeError } from "../../../data/schemas/validate";
import { reviewAnswer } from "../../../data/schemas/validators.generated.js";
import { contentHash } from "../../posts/contentHash";
import { changePost } from "../../publishing/changePost";
import type { PostSession } from "../../store/postSession";
import type { AppThunk } from "../../store/thunk";
import { download } from "../../ui/download";
import { count, points } from "../../ui/figures";
import { toast } from "../../ui/toast";

/** Findings that a reviewer is told of. */
const TOLD = 8;
const WHAT = "a review of Dune Sparrow";

/** Saves the file to send, and notes what was asked about. */
export const askForReview =
  (post: Post, session: PostSession): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    const { site } = getState().session;
    const { report } = getState().openPost;
    const review = await freshReview(post, session, site);
    const { doc, hash } = review;
    const pictures = await embedded(session);
    const { writeReview } = await import("../../../core/review/reviewFile");
    const html = writeReview({
      reviewId: review.id,
      postId: post.id,
      hash,
      title: post.title,
      description: post.description,
      language: post.language || site.language,
      siteName: site.blogName || site.name,
      doc,
      score: report?.score ?? null,
      findings: (report?.findings ?? [])
        .filter(hasGain)
        .sort((a, b) => b.gain - a.gain)
        .slice(0, TOLD)
        .map(({ name, reason, gain }) => `${name}: ${reason} (+${points(gain)})`),
      fileAddress: (src) => pictures.get(src) ?? src,
    });
    await saveReview(review);
    download(new Blob([html], { type: "text/html" }), `review-${post.slug || "post"}.html`);
    if (post.status === "draft" || post.status === "approved")
      await dispatch(changePost(post.id, { status: "in-review" }));
    toast(
      "Saved the review page. Send it to whoever should look; it opens in any browser, without an account.",
    );
  };

/** Somebody at this desk has looked, and approves exactly what is here. */
export const approveHere =
  (post: Post, session: PostSession): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    const review = await freshReview(post, session, getState().session.site);
    const { id, hash, askedAt } = review;
    await saveReview({
      ...review,
      answer: {
        format: REVIEW_FORMAT,
        version: 1,
        reviewId: id,
        postId: post.id,
        hash,
        reviewer: "you",
        verdict: "approved",
        comments: [],
        at: askedAt,
      },
    });
    if (post.status === "draft" || post.status === "in-review")
      await dispatch(changePost(post.id, { status: "approved" }));
  };

/** A review of the post as it is now, which nobody has answered. */
async function freshReview(post: Post, session: PostSession, site: Site): Promise<Review> {
  const doc = session.json();
  return {
    id: freshId(),
    postId: post.id,
    askedAt: new Date().toISOString(),
    hash: await contentHash(post, doc, site),
    doc,
    answer: null,
    resolved: [],
    replies: {},
  };
}

/** Pictures of the text as data: addresses, by what it calls them. */
async function embedded(session: PostSession): Promise<Map<string, string>> {
  const pictures = new Map<string, string>();
  for (const src of filesOf(session.blocks())) {
    const id = assetId(src);
    const asset = id === null ? undefined : await getAsset(id);
    if (asset && isPictureType(asset.type)) pictures.set(src, await dataAddress(asset.blob));
  }
  return pictures;
}

const dataAddress = (blob: Blob): Promise<string> =>
  new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result));
    reader.onerror = () => reject(reader.error ?? new Error("The picture could not be read."));
    reader.readAsDataURL(blob);
  });

/** Takes in the file that a reviewer has sent back. */
export const takeReview =
  (post: Post, session: PostSession, file: File): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    let answer: ReviewAnswer;
    try {
      answer = checkShape<ReviewAnswer>(reviewAnswer, parseJson(await file.text(), WHAT), WHAT);
    } catch (error) {
      const why = error instanceof ShapeError ? [error.message, ...error.faults].join(" ") : String(error);
      toast.error(`“${file.name}” was not taken in: ${why} Your post and other reviews are unchanged.`, {
        duration: 12_000,
      });
      return;
    }
    const review = await getReview(answer.reviewId);
    if (answer.postId !== post.id || (review && review.postId !== post.id)) {
      toast.error(
        `“${file.name}” is a review of another post. Open that post, and bring it in there. Nothing was changed.`,
        {
          duration: 12_000,
        },
      );
      return;
    }
    const doc = session.json();
    const same = answer.hash === (await contentHash(post, doc, getState().session.site));
    // Asked from another browser, perhaps: what was asked about is then what it is now.
    const request: Review = review ?? {
      id: answer.reviewId,
      postId: post.id,
      askedAt: answer.at,
      hash: answer.hash,
      doc,
      answer: null,
      resolved: [],
      replies: {},
    };
    await saveReview({ ...request, answer });
    const approved = answer.verdict === "approved";
    if (post.status !== "live" && post.status !== "scheduled")
      await dispatch(changePost(post.id, { status: approved ? "approved" : "in-review" }));
    const who = answer.reviewer || "The reviewer";
    const said = answer.comments.length ? `, with ${count(answer.comments.length, "comment")}` : "";
    toast(
      approved
        ? `${who} approved the post${said}.${same ? "" : " It has changed since the page was sent: the approval is of what was sent."}`
        : `${who} asks for changes${said}. The comments stand beside their blocks in Write.`,
      { duration: 12_000 },
    );
  };
