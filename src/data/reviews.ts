/** Reviews: whom a post was shown, and what they said. */
import { db } from "./db";
import type { Review } from "./model";

/** Latest first. */
export const reviewsOf = async (postId: string): Promise<Review[]> =>
  (await db.reviews.where("postId").equals(postId).toArray()).sort((a, b) =>
    a.askedAt < b.askedAt ? 1 : -1,
  );
export const getReview = async (id: string): Promise<Review | null> => (await db.reviews.get(id)) ?? null;
export const saveReview = async (review: Review): Promise<void> => {
  await db.reviews.put(review);
};
/** Changes parts of a review; what somebody has changed meanwhile of the others stays. */
export const changeReview = async (id: string, changes: Partial<Review>): Promise<void> => {
  await db.reviews
    .where("id")
    .equals(id)
    .modify((review) => void Object.assign(review, changes));
};
