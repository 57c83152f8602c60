/** Posts from files: one goes straight to its text, several give a report of what came in and what did not. */
import { FileInput, FolderInput } from "lucide-react";
import { useRef, useState } from "react";
import { useNavigate } from "react-router";
import { toast } from "sonner";
import { useAppDispatch } from "../../store/hooks";
import { Button } from "../../ui/Button";
import { lazyPart } from "../../ui/part";
import { Tooltip } from "../../ui/Tooltip";
import type { ImportRun } from "./ImportReport";
import type { Outcome } from "./importPost";

const ImportReport = lazyPart("The report", async () => (await import("./ImportReport")).ImportReport);

export function ImportButton() {
  const navigate = useNavigate();
  const dispatch = useAppDispatch();
  const files = useRef<HTMLInputElement>(null);
  const folder = useRef<HTMLInputElement>(null);
  const [run, setRun] = useState<ImportRun | null>(null);

  const take = async (list: FileList | null) => {
    const chosen = [...(list ?? [])];
    if (!chosen.length) return;
    const stop = new AbortController();
    // One file is there at once; a sheet for it would only flash.
    const shown = chosen.length > 1 || /\.zip$/i.test(chosen[0]!.name);
    const show = (next: Partial<ImportRun>) =>
      setRun((before) => ({ done: 0, of: chosen.length, results: null, stop, ...before, ...next }));
    if (shown) show({});
    const { importFiles } = await import("./importPost");
    const results = await dispatch(
      importFiles(chosen, (done, of) => shown && show({ done, of }), stop.signal),
    );
    const [only, ...others] = results;
    if (!only || others.length || "leftAlone" in only || "replace" in only) {
      show({ results });
      return;
    }
    setRun(null);
    say(only);
    if ("id" in only) await navigate(`/post/${only.id}/write`);
  };

  return (
    <>
      <input
        ref={files}
        type="file"
        multiple
        accept=".md,.markdown,.html,.htm,.xhtml,.docx,.txt,.zip,image/*"
        tabIndex={-1}
        aria-label="Import posts: files"
        className="hidden"
        onChange={(event) => {
          void take(event.target.files);
          event.target.value = "";
        }}
      />
      <input
        ref={folder}
        type="file"
        // A folder is asked for by this attribute alone, which the types do not know.
        {...{ webkitdirectory: "" }}
        tabIndex={-1}
        aria-label="Import posts: folder"
        className="hidden"
        onChange={(event) => {
          void take(event.target.files);
          event.target.value = "";
        }}
      />
      <Button onClick={() => files.current?.click()}>
        <FileInput size={15} aria-hidden="true" /> Import posts
      </Button>
      <Tooltip says="All posts of a folder, with their pictures">
        <Button aria-label="Import a folder" className="-ml-2" onClick={() => folder.current?.click()}>
          <FolderInput size={15} aria-hidden="true" />
        </Button>
      </Tooltip>
      {run && <ImportReport run={run} onClose={() => setRun(null)} />}
    </>
  );
}

function say(only: Outcome): void {
  if ("error" in only) {
    toast.error(`“${only.name}”: ${only.error} Nothing was imported; your posts are unchanged.`, {
      duration: 12_000,
    });
    return;
  }
  toast(`Imported “${only.title || only.name}”.${only.notes.length ? ` ${only.notes.join(" ")}` : ""}`);
}
