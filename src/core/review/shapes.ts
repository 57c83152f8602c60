/** What comes back from a reviewer: a small file that the review page has saved. */
import * as is from "../declare";

export const REVIEW_FORMAT = "dune-sparrow-review";

const commentShape = is.shape({
  id: is.id(),
  /** Of the block that it is about; empty for the post as a whole. */
  block: is.text(200),
  /** The beginning of the block, to find it by once it is gone. */
  quote: is.text(2000),
  text: is.someText(20_000),
});
export type ReviewComment = is.Static<typeof commentShape>;

export const VERDICTS = ["approved", "changes"] as const;

export const reviewAnswerShape = is.shape({
  format: is.exactly(REVIEW_FORMAT),
  version: is.exactly(1),
  reviewId: is.id(),
  postId: is.id(),
  /** Of what was looked at. */
  hash: is.text(200),
  reviewer: is.text(2000),
  verdict: is.oneOf(VERDICTS),
  comments: is.list(commentShape, 2000),
  /** When it was saved (ISO). */
  at: is.text(100),
});
export type ReviewAnswer = is.Static<typeof reviewAnswerShape>;
