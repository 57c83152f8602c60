/**
 * Carrying the outbox to the blog, one item after the other and by one tab at a time. What fails for a while is tried again, later each time;
 * what needs a person waits for one.
 */

import { messageOf } from "../../core/messageOf";
import { blogSiteOf } from "../../core/micropub/blogSite";
import { type Entry, firstText } from "../../core/micropub/entry";
import { entryOfPost } from "../../core/micropub/postEntry";
import { momentOf } from "../../core/site/moments";
import { assetId, getAsset } from "../../data/assets";
import { freshId } from "../../data/freshId";
import { deleteLiveCopy, getLiveCopy, saveLiveCopy } from "../../data/liveCopies";
import type { LiveCopy, OutboxItem } from "../../data/model";
import { getOutboxItem, listOutbox } from "../../data/outbox";
import { changeOutboxItem } from "../../data/outboxChanges";
import { getPost } from "../../data/posts";
import { addRedirect, listRedirects } from "../../data/redirects";
import { isLiveAt, renderedPost } from "../../data/renderedSite";
import { BlogFailure } from "../../services/blog/blogFailure";
import { type Outcome, sendPost } from "../../services/blog/sendPost";
import type { AppThunk } from "../store/thunk";
import { toast } from "../ui/toast";
import { changePost } from "./changePost";
import { filesToSend } from "./filesToSend";

const LOCK = "dune-sparrow outbox";
/** Milliseconds before the second try; twice as many before each that follows. */
const FIRST_PAUSE = 3000;
const LONGEST_PAUSE = 600_000;
/** Milliseconds after which it is looked at again, whatever a clock or another tab may have done. */
const AT_LATEST = 30_000;

/** Sends what is due. @returns when this tab has nothing left that is */
export const workOutbox =
  (): AppThunk<Promise<void>> =>
  async (dispatch, _getState, { publishing }) => {
    clearTimeout(publishing.timer);
    // One after the other: who asks while it is at work is served by the next round.
    const round = publishing.working.then(() =>
      alone(async () => {
        for (let item = await nextDue(); item; item = await nextDue()) await dispatch(send(item));
      }),
    );
    // A round that failed is its caller's matter, and not the next one's.
    publishing.working = round.catch(() => {});
    await round;
    const wait = await untilNext();
    clearTimeout(publishing.timer);
    if (wait !== null) publishing.timer = setTimeout(() => void dispatch(workOutbox()), wait);
  };

/** Another tab that sends goes on until nothing is due, and sees what came meanwhile. */
async function alone(work: () => Promise<void>): Promise<void> {
  const { navigator } = globalThis as { navigator?: Navigator };
  if (!navigator?.locks) return work();
  await navigator.locks.request(LOCK, { ifAvailable: true }, async (lock) => {
    if (lock) await work();
  });
}

const dueAt = ({ notBefore, nextTry }: OutboxItem): number =>
  Math.max(momentOf(notBefore)?.time ?? 0, momentOf(nextTry)?.time ?? 0);
const waiting = async (): Promise<OutboxItem[]> =>
  (await listOutbox()).filter(({ state }) => state === "waiting").reverse();

async function nextDue(): Promise<OutboxItem | undefined> {
  return (await waiting()).find((item) => dueAt(item) <= Date.now());
}
async function untilNext(): Promise<number | null> {
  const all = await waiting();
  if (!all.length) return null;
  return Math.min(AT_LATEST, Math.max(200, Math.min(...all.map(dueAt)) - Date.now()));
}

const send =
  (item: OutboxItem): AppThunk<Promise<void>> =>
  async (dispatch) => {
    try {
      const copy = await getLiveCopy(item.postId);
      if (item.action === "withdraw") await dispatch(sendWithdrawal(item, copy));
      else await dispatch(settle(item, copy, await dispatch(sendItem(item, copy))));
    } catch (error) {
      await failed(item, error);
    }
  };

const sendItem =
  (item: OutboxItem, copy: LiveCopy | null): AppThunk<Promise<Outcome>> =>
  async (_dispatch, getState, { blog: client }) => {
    const { site, blog } = getState().session;
    const post = renderedPost(item.post, item.doc);
    const before = copy?.connection === blog.id ? copy : null;
    const redirects = await listRedirects();
    let media = { ...before?.media, ...item.media };
    return sendPost(client, {
      blog,
      site: (addressOf) => blogSiteOf(site, redirects, addressOf),
      entry: (addressOf) => entryOfPost(post, site.categories, addressOf),
      files: filesToSend(post, site),
      file: async (src) => {
        const id = assetId(src);
        const asset = id === null ? undefined : await getAsset(id);
        return asset ? { blob: asset.blob, fileName: asset.fileName } : null;
      },
      media,
      uploaded: async (src, address) => {
        media = { ...media, [src]: address };
        await changeOutboxItem(item.id, { media });
      },
      before,
      perhaps: item.perhaps,
      about: async (entry) => {
        const now = await getOutboxItem(item.id);
        if (!now) throw new BlogFailure("cancelled", "It is no longer in the outbox.", false);
        await changeOutboxItem(item.id, { perhaps: [...now.perhaps, entry] });
      },
      seen: item.seen ?? null,
    });
  };

const settle =
  (item: OutboxItem, copy: LiveCopy | null, outcome: Outcome): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    const now = new Date().toISOString();
    if (outcome.kind === "conflict") {
      const says =
        "Somebody has changed this post at the blog since it was last sent. Nothing was written over: compare, and choose.";
      await changeOutboxItem(item.id, { state: "conflict", theirs: outcome.theirs, says, changedAt: now });
      toast.error(`“${item.title}” was changed at the blog. Its release stage shows both.`, {
        duration: 12_000,
      });
      return;
    }
    if (outcome.kind === "gone") {
      // It is not there to be changed: sent once more, it is new.
      await deleteLiveCopy(item.postId);
      const says =
        "The blog no longer has this post: somebody deleted it there. Send it again to publish it anew, or withdraw it here.";
      await changeOutboxItem(item.id, { state: "refused", says, changedAt: now });
      return;
    }
    const { blog } = getState().session;
    const { address, there, media } = outcome;
    // Copies that the blog made are nobody's change.
    const copies = [...new Set([...(item.post.syndicated ?? []), ...outcome.copies])];
    const entry = withCopies(outcome.entry, copies);
    if (copy && copy.connection === blog.id && pathOf(copy.address) !== pathOf(address))
      await addRedirect({
        id: freshId(),
        from: pathOf(copy.address),
        to: pathOf(address),
        since: now,
        why: "slug changed",
        postId: item.postId,
      });
    await saveLiveCopy({
      postId: item.postId,
      connection: blog.id,
      address: blog.kind === "stand-in" ? pathOf(address) : address,
      sentAt: now,
      entry,
      ...(there && { there }),
      doc: item.doc,
      media,
    });
    const moved = slugOf(address) !== item.post.slug && slugOf(address) !== "";
    // Last of all: a browser that is closed before it sends once more, finds it there, and says the rest.
    const done = () =>
      changeOutboxItem(item.id, {
        state: "sent",
        says: moved ? `The address was taken: the blog has put it at ${pathOf(address)}.` : "",
        perhaps: [],
        changedAt: now,
      });
    const post = await getPost(item.postId);
    if (!post) {
      await done();
      return;
    }
    const status = item.post.publishAt && item.post.publishAt > now ? "scheduled" : "live";
    const published = firstText(entry, "published");
    // Unless somebody has set another moment meanwhile.
    const isDatedAnew =
      published !== "" &&
      item.post.publishAt === post.publishAt &&
      post.publishAt !== published &&
      !!post.publishAt;
    const syndicated = [...new Set([...(post.syndicated ?? []), ...copies])];
    await dispatch(
      changePost(item.postId, {
        status,
        // By the blog's clock, where that of this computer is ahead.
        ...(isDatedAnew && { publishAt: published }),
        ...(moved && { slug: slugOf(address) }),
        ...(syndicated.length && { syndicated }),
      }),
    );
    await done();
    toast(
      copy
        ? `Sent the changes of “${item.title}”.`
        : status === "live"
          ? `Published “${item.title}”.`
          : `“${item.title}” is at the blog, and goes live at its minute.`,
    );
  };

const withCopies = (entry: Entry, copies: readonly string[]): Entry =>
  copies.length ? { ...entry, properties: { ...entry.properties, syndication: [...copies] } } : entry;

const sendWithdrawal =
  (item: OutboxItem, copy: LiveCopy | null): AppThunk<Promise<void>> =>
  async (dispatch, getState, { blog: client }) => {
    const { blog } = getState().session;
    if (copy)
      await client.remove(blog, copy.address).catch((error: unknown) => {
        // Not there is what was wanted.
        if (!(error instanceof BlogFailure) || error.code !== "not_found") throw error;
      });
    await deleteLiveCopy(item.postId);
    // What no reader has seen is a draft again.
    const unseen = !isLiveAt(item.post, Date.now());
    await dispatch(changePost(item.postId, { status: unseen ? "draft" : "withdrawn", publishAt: "" }));
    await changeOutboxItem(item.id, { state: "sent", says: "", changedAt: new Date().toISOString() });
    toast(
      unseen
        ? `“${item.title}” is a draft again, and not at the blog.`
        : `Withdrew “${item.title}”. Readers no longer find it.`,
    );
  };

async function failed(item: OutboxItem, error: unknown): Promise<void> {
  const now = new Date();
  const says = messageOf(error);
  if (error instanceof BlogFailure && error.code === "cancelled") return;
  if (error instanceof BlogFailure && error.again) {
    const pause = Math.min(LONGEST_PAUSE, FIRST_PAUSE * 2 ** item.tries);
    await changeOutboxItem(item.id, {
      tries: item.tries + 1,
      nextTry: new Date(now.getTime() + pause).toISOString(),
      says,
      changedAt: now.toISOString(),
    });
    return;
  }
  const unsure = error instanceof BlogFailure && error.code === "unsure";
  await changeOutboxItem(item.id, {
    state: unsure ? "unsure" : "refused",
    says,
    changedAt: now.toISOString(),
  });
  toast.error(`“${item.title}” was not sent. ${says}`, { duration: 12_000 });
}

const pathOf = (address: string): string =>
  URL.canParse(address) ? decodeURI(new URL(address).pathname) : address;
const slugOf = (address: string): string => pathOf(address).split("/").filter(Boolean).at(-1) ?? "";
