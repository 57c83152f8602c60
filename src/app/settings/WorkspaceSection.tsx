import { useState } from "react";
import { toast } from "sonner";
import { loadDemo } from "../loadDemo";
import { readSession } from "../start";
import { Button } from "../ui/Button";
import { download } from "../ui/download";
import { FileButton } from "../ui/FileButton";
import { Refusal } from "./Refusal";

/** The workspace as one file: taken away, put back, started again. */
export function WorkspaceSection() {
  const [busy, setBusy] = useState("");
  const [refused, setRefused] = useState<unknown>(null);

  /** Replaces everything, and keeps what was there for an undo. */
  const replace = async (what: string, how: () => Promise<void>) => {
    setBusy(what);
    setRefused(null);
    try {
      const data = await import("../../data/workspace");
      const before = await data.packWorkspace(new Date().toISOString());
      await how();
      await readSession();
      const undo = async () => {
        await data.replaceWorkspace(data.readWorkspace(before));
        await readSession();
        toast("Everything is as it was.");
      };
      toast(what, { duration: 60_000, action: { label: "Undo", onClick: () => void undo() } });
    } catch (error) {
      setRefused(error);
    } finally {
      setBusy("");
    }
  };
  const backUp = async () => {
    setBusy("Packing …");
    try {
      const { packWorkspace } = await import("../../data/workspace");
      const now = new Date().toISOString();
      const bytes = await packWorkspace(now);
      download(
        new Blob([bytes as BlobPart], { type: "application/zip" }),
        `workspace-${now.slice(0, 10)}.dunesparrow.zip`,
      );
    } catch (error) {
      setRefused(new Error(`The workspace could not be packed: ${(error as Error).message}`));
    } finally {
      setBusy("");
    }
  };
  const restore = (file: File) =>
    replace(`The workspace is now that of “${file.name}”.`, async () => {
      const { readWorkspace, replaceWorkspace } = await import("../../data/workspace");
      await replaceWorkspace(readWorkspace(new Uint8Array(await file.arrayBuffer())));
    });
  return (
    <>
      <p className="mb-2">
        All posts, outlines, keywords, pictures and settings are kept in this browser. One file holds a copy
        of everything.
      </p>
      <Refusal error={refused} safe="Nothing was replaced: your workspace is as it was." />
      <div className="flex flex-wrap gap-2">
        <Button kind="primary" disabled={busy !== ""} onClick={() => void backUp()}>
          Download the workspace file
        </Button>
        <FileButton
          label="Open a workspace file"
          accept=".zip"
          disabled={busy !== ""}
          onFile={(file) => void restore(file)}
        />
      </div>
      <p className="mb-2 mt-4 text-ink-2">
        Both of these replace everything, and can be undone for a minute.
      </p>
      <div className="flex flex-wrap gap-2">
        <Button disabled={busy !== ""} onClick={() => void replace("Started again with the demo.", loadDemo)}>
          Start again with the demo
        </Button>
        <Button
          disabled={busy !== ""}
          onClick={() =>
            void replace("Started empty.", async () =>
              (await import("../../data/workspace")).emptyWorkspace(),
            )
          }
        >
          Start empty
        </Button>
      </div>
      <p role="status" className="mt-2 text-ink-2">
        {busy}
      </p>
    </>
  );
}
