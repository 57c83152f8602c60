/** Posts of a workspace file that a newer version wrote: to be read, and copied. */
import { useState } from "react";
import { blocksFromEditor } from "../../../core/draft/fromEditor";
import { deletePost } from "../../../data/deletePost";
import { freshId } from "../../../data/freshId";
import { newPost } from "../../../data/newPost";
import { addPost } from "../../../data/posts";
import type { NewerPost, NewerWorkspace } from "../../../data/workspace/newer";
import { useAppSelector } from "../../store/hooks";
import { Button } from "../../ui/Button";
import { count } from "../../ui/figures";
import { Sheet } from "../../ui/Sheet";
import { toast } from "../../ui/toast";

const textOf = ({ doc }: NewerPost): string =>
  blocksFromEditor(doc)
    .map(({ text }) => text)
    .filter(Boolean)
    .join("\n\n");

export function NewerSheet({ workspace, onClose }: { workspace: NewerWorkspace; onClose: () => void }) {
  const site = useAppSelector((state) => state.session.site);
  const [open, setOpen] = useState<number | null>(null);
  const [busy, setBusy] = useState(false);
  const copyAll = async () => {
    setBusy(true);
    const ids: string[] = [];
    try {
      for (const { doc, notes: _notes, ...fields } of workspace.posts) {
        const id = freshId();
        await addPost(newPost(id, site, new Date().toISOString(), { ...fields, stage: "write" }), doc);
        ids.push(id);
      }
      toast(`Copied ${count(ids.length, "post")} as drafts, without their pictures.`, {
        duration: 60_000,
        action: {
          label: "Undo",
          onClick: () => void Promise.all(ids.map((id) => deletePost(id))),
        },
      });
      onClose();
    } catch (error) {
      toast.error(
        `${count(ids.length, "post")} were copied, then copying failed: ${(error as Error).message}`,
      );
      setBusy(false);
    }
  };
  return (
    <Sheet
      title={`Workspace of a newer version${workspace.siteName && `: ${workspace.siteName}`}`}
      wide
      onClose={onClose}
    >
      <p className="mb-3">
        This file is of version {workspace.version}, which is newer than this application knows. It does not
        replace your workspace. These posts can be read; copies of them can be added to yours.
      </p>
      <ul className="mb-4 max-h-[52vh] overflow-y-auto border-t border-rule">
        {workspace.posts.map((post, i) => (
          <li key={i} className="border-b border-rule py-1.5">
            <button
              type="button"
              className="quiet-link text-left font-serif"
              aria-expanded={open === i}
              onClick={() => setOpen(open === i ? null : i)}
            >
              {post.title || "Untitled post"}
            </button>
            {post.notes.length > 0 && <p className="text-[13px] text-plum">{post.notes.join(" ")}</p>}
            {open === i && <p className="mt-1 max-w-[70ch] whitespace-pre-wrap font-serif">{textOf(post)}</p>}
          </li>
        ))}
      </ul>
      <Button kind="primary" disabled={busy || !workspace.posts.length} onClick={() => void copyAll()}>
        Add copies of {count(workspace.posts.length, "post")} to my workspace
      </Button>
    </Sheet>
  );
}
