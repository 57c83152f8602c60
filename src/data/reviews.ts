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
