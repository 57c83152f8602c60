import { getLiveCopy } from "../../data/liveCopies";
import type { OutboxItem } from "../../data/model";
import { changeOutboxItem, deleteOutboxItem, restoreOutboxItem } from "../../data/outboxChanges";
import type { AppThunk } from "../store/thunk";
import { toast } from "../ui/toast";
import { changePostAndOutbox } from "./changePost";
import { workOutbox } from "./workOutbox";

/** Takes an item out: what it would have sent stays as it is here. */
export const takeOut =
  (item: OutboxItem): AppThunk<Promise<void>> =>
  async (dispatch) => {
    const live = (await getLiveCopy(item.postId)) !== null;
    const isDraft = !live && item.post.status === "scheduled";
    await dispatch(
      changePostAndOutbox(item.postId, isDraft ? { status: "draft", publishAt: "" } : {}, () =>
        deleteOutboxItem(item.id),
      ),
    );
    toast(`“${item.title}” is not sent. It is safe here.`, {
      action: {
        label: "Undo",
        onClick: () =>
          void dispatch(
            changePostAndOutbox(
              item.postId,
              { status: item.post.status, publishAt: item.post.publishAt ?? "" },
              () => restoreOutboxItem(item),
            ),
          ).then(() => dispatch(workOutbox())),
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
