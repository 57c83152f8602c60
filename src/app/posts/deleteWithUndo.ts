import type { Post } from "../../data/model";
import { toast } from "../ui/toast";

/** Deletes a post, and offers it back. */
export async function deleteWithUndo(post: Pick<Post, "id" | "title">): Promise<void> {
  const { deletePost, restorePost } = await import("../../data/deletePost");
  const deleted = await deletePost(post.id);
  if (!deleted) return;
  toast(`Deleted “${post.title || "Untitled post"}”${deleted.ownList ? " and its keywords" : ""}.`, {
    action: { label: "Undo", onClick: () => void restorePost(deleted) },
  });
}
