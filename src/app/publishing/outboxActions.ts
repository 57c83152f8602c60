import { toast } from "sonner";
import { getLiveCopy } from "../../data/liveCopies";
import type { OutboxItem } from "../../data/model";
import { changeOutboxItem, deleteOutboxItem, restoreOutboxItem } from "../../data/outbox";
import type { AppThunk } from "../store/thunk";
import { changePost } from "./changePost";
import { workOutbox } from "./workOutbox";

/** Takes an item out: what it would have sent stays as it is here. */
export const takeOut =
  (item: OutboxItem): AppThunk<Promise<void>> =>
  async (dispatch) => {
    await deleteOutboxItem(item.id);
    const live = (await getLiveCopy(item.postId)) !== null;
    if (!live && item.post.status === "scheduled")
      await dispatch(changePost(item.postId, { status: "draft", publishAt: "" }));
    toast(`“${item.title}” is not sent. It is safe here.`, {
      action: {
        label: "Undo",
        onClick: () =>
          void restoreOutboxItem(item)
            .then(() =>
              dispatch(
                changePost(item.postId, { status: item.post.status, publishAt: item.post.publishAt ?? "" }),
              ),
            )
            .then(() => dispatch(workOutbox())),
      },
    });
  };

/** Somebody has looked at the blog, and the post is not there: it may be sent once more. */
export const sayItIsNotThere =
  (id: string): AppThunk<Promise<void>> =>
  async (dispatch) => {
    await changeOutboxItem(id, { state: "waiting", perhaps: [], nextTry: "", says: "" });
    await dispatch(workOutbox());
  };
