/** What is on its way to a blog, kept until it is there: a browser that is closed goes on with it at the next start. */
import { db } from "./db";
import type { OutboxItem } from "./model";

/** Newest first. */
export const listOutbox = async (): Promise<OutboxItem[]> =>
  (await db.outbox.toArray()).sort((a, b) => (a.createdAt < b.createdAt ? 1 : -1));

export const getOutboxItem = async (id: string): Promise<OutboxItem | null> =>
  (await db.outbox.get(id)) ?? null;

/** Of a post, what is on its way. */
export const outboxOf = async (postId: string): Promise<OutboxItem[]> =>
  (await db.outbox.where("postId").equals(postId).toArray()).filter(({ state }) => state !== "sent");
