import { fieldsOfLive, livePost } from "../../../data/livePost";
import type { LiveCopy, Post } from "../../../data/model";
import { changePost } from "../../publishing/changePost";
import type { PostSession } from "../../store/postSession";
import type { AppThunk } from "../../store/thunk";
import { toast } from "../../ui/toast";
import { keepCurrent } from "../versions/keepCurrent";

/** Makes the working copy what readers have. How it was is kept as a version, and can be had back at once. */
export const discardChanges =
  (id: string, copy: LiveCopy, session: PostSession): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    const post = getState().openPost.post;
    if (post?.id !== id) return;
    await dispatch(keepCurrent({ why: "before discarding changes" }));
    const live = livePost(copy, getState().session.site.categories);
    const fields = fieldsOfLive(live);
    const before = {
      doc: session.json(),
      fields: Object.fromEntries(Object.keys(fields).map((key) => [key, post[key as keyof Post]])),
    };
    session.setDoc(copy.doc);
    await dispatch(changePost(id, fields));
    toast("The post is as readers have it. How it was is kept as a version.", {
      action: {
        label: "Undo",
        onClick: () => {
          session.setDoc(before.doc);
          void dispatch(changePost(id, before.fields as Partial<Post>));
        },
      },
    });
  };
