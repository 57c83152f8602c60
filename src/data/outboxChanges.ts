/** What changes the outbox: putting in, taking out, and what becomes of what is sent. */
import { db } from "./db";
import type { OutboxItem, Post } from "./model";

/** What was sent is listed for a while. */
const SENT_KEPT = 50;

/** Puts something in. What of the same post waits there, or could not go, gives way to it; what is known of it stays. */
export async function putInOutbox(item: OutboxItem): Promise<void> {
  await db.transaction("rw", db.outbox, async () => {
    const before = await db.outbox.where("postId").equals(item.postId).toArray();
    const open = before.filter(({ state }) => state !== "sent");
    const media = Object.assign({}, ...open.map((one) => one.media)) as Record<string, string>;
    await db.outbox.bulkDelete(open.map(({ id }) => id));
    await db.outbox.add({
      ...item,
      perhaps: [...open.flatMap(({ perhaps }) => perhaps), ...item.perhaps],
      media: { ...media, ...item.media },
    });
    const sent = (await db.outbox.toArray()).filter(({ state }) => state === "sent");
    sent.sort((a, b) => (a.changedAt < b.changedAt ? 1 : -1));
    await db.outbox.bulkDelete(sent.slice(SENT_KEPT).map(({ id }) => id));
  });
}

/** Changes fields of a post together with the outbox, all or nothing. @param change what becomes of the outbox */
export async function saveWithOutbox(
  postId: string,
  fields: Partial<Omit<Post, "id">>,
  change: () => Promise<void>,
  now: string,
): Promise<void> {
  await db.transaction("rw", db.posts, db.outbox, async () => {
    await change();
    if (!Object.keys(fields).length) return;
    await db.posts
      .where("id")
      .equals(postId)
      .modify((post) => void Object.assign(post, fields, { updatedAt: now }));
  });
}

/** Changes an item, if it is still there: somebody may have taken it out. @returns whether it is */
export const changeOutboxItem = async (id: string, changes: Partial<OutboxItem>): Promise<boolean> =>
  (await db.outbox
    .where("id")
    .equals(id)
    .modify((item) => void Object.assign(item, changes))) > 0;

export const deleteOutboxItem = (id: string): Promise<void> => db.outbox.delete(id);
export const restoreOutboxItem = async (item: OutboxItem): Promise<void> => {
  await db.outbox.put(item);
};
