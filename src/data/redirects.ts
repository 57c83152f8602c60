/** Addresses that were given up, and where they lead now: always to a page in one step, never in a ring. */
import { db } from "./db";
import type { Redirect } from "./model";

export const listRedirects = (): Promise<Redirect[]> => db.redirects.toArray();
export const redirectsOf = (postId: string): Promise<Redirect[]> =>
  db.redirects.where("postId").equals(postId).toArray();

/** Keeps a redirect. What led to its old address leads to the new one at once; the new one is given up no longer. */
export async function addRedirect(redirect: Redirect): Promise<void> {
  const { from, to } = redirect;
  if (from === to) return;
  await db.transaction("rw", db.redirects, async () => {
    await db.redirects.where("from").anyOf([from, to]).delete();
    await db.redirects.filter((one) => one.to === from).modify({ to });
    await db.redirects.add(redirect);
  });
}

export const deleteRedirect = (id: string): Promise<void> => db.redirects.delete(id);
export const restoreRedirect = async (redirect: Redirect): Promise<void> => {
  await db.redirects.put(redirect);
};
