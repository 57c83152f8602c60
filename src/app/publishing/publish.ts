/** Publishing: what a person decides is put into the outbox, which carries it to the blog. */
import { partsIn } from "../../core/site/zonedTime";
import { freshId } from "../../data/freshId";
import { getLiveCopy } from "../../data/liveCopies";
import type { OutboxItem, Post } from "../../data/model";
import { getOutboxItem, outboxOf } from "../../data/outbox";
import { changeOutboxItem, deleteOutboxItem, putInOutbox } from "../../data/outboxChanges";
import { getDoc, getPost } from "../../data/posts";
import type { AppThunk } from "../store/thunk";
import { changePostAndOutbox } from "./changePost";
import { workOutbox } from "./workOutbox";

/**
 * Sends posts to the blog, or has them sent at a moment.
 *
 * @param at the moment (ISO) that a post goes live at; null for now, or, where it is live, as it was
 */
export const publish =
  (ids: readonly string[], at: string | null): AppThunk<Promise<void>> =>
  async (dispatch, getState, { saver, blog: client }) => {
    await saver.flush();
    const { blog, site } = getState().session;
    // Whether it keeps what is not yet due; where it cannot be asked, it is asked again before the post is sent. What is due is not kept.
    const holds =
      at === null ||
      at <= new Date().toISOString() ||
      (await client
        .config(blog)
        .then(({ holdsFuture }) => holdsFuture)
        .catch(() => blog.kind === "stand-in"));
    for (const id of ids) {
      const post = await getPost(id);
      if (!post) continue;
      const now = new Date().toISOString();
      // What is live keeps its day, wherever it has been published until now.
      const dated = post.status === "live" && (post.publishAt || post.date) !== "";
      const moment = at ?? (dated ? (post.publishAt ?? "") : now);
      const fields: Partial<Post> = {
        ...(moment && { publishAt: moment, date: partsIn(moment, site.timeZone).date }),
        status: moment > now ? "scheduled" : post.status === "live" ? "live" : post.status,
      };
      const item: OutboxItem = {
        ...newItem(post, now),
        connection: blog.id,
        action: "send",
        post: { ...post, ...fields },
        doc: await getDoc(id),
        notBefore: holds ? "" : moment,
      };
      await dispatch(changePostAndOutbox(id, fields, () => putInOutbox(item)));
    }
    void dispatch(workOutbox());
  };

/** Takes a post off the blog. What readers had is kept with its versions and can be published again. */
export const withdraw =
  (id: string): AppThunk<Promise<void>> =>
  async (dispatch, _getState, { saver }) => {
    await saver.flush();
    const post = await getPost(id);
    if (!post) return;
    const copy = await getLiveCopy(id);
    if (!copy) {
      // Nothing is there: what waits to be sent is not.
      const items = await outboxOf(id);
      await dispatch(
        changePostAndOutbox(id, { status: "draft", publishAt: "" }, async () => {
          for (const item of items) await deleteOutboxItem(item.id);
        }),
      );
      return;
    }
    await putInOutbox({
      ...newItem(post, new Date().toISOString()),
      connection: copy.connection,
      action: "withdraw",
      post,
      doc: await getDoc(id),
      notBefore: "",
    });
    void dispatch(workOutbox());
  };

/** Tries an item again at once. */
export const tryAgain =
  (id: string): AppThunk<Promise<void>> =>
  async (dispatch) => {
    await changeOutboxItem(id, { state: "waiting", nextTry: "", says: "" });
    await dispatch(workOutbox());
  };

/** Somebody has looked at what the blog has, and what waits may take its place. */
export const sendOver =
  (id: string): AppThunk<Promise<void>> =>
  async (dispatch) => {
    const item = await getOutboxItem(id);
    if (!item?.theirs) return;
    await changeOutboxItem(id, { seen: item.theirs });
    await dispatch(tryAgain(id));
  };

const newItem = (
  post: Post,
  now: string,
): Omit<OutboxItem, "connection" | "action" | "post" | "doc" | "notBefore"> => ({
  id: freshId(),
  postId: post.id,
  title: post.title || "Untitled post",
  state: "waiting",
  says: "",
  tries: 0,
  nextTry: "",
  perhaps: [],
  media: {},
  createdAt: now,
  changedAt: now,
});
