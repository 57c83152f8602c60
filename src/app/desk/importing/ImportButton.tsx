/** Posts from files: one goes straight to its text, several give a report of what came in and what did not. */
import { FileInput, FolderInput } from "lucide-react";
import { useRef, useState } from "react";
import { useNavigate } from "react-router";
import { useAppDispatch } from "../../store/hooks";
import { Button } from "../../ui/Button";
import { lazyPart } from "../../ui/part";
import { Tooltip } from "../../ui/Tooltip";
import type { ImportRun } from "./ImportReport";

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
    const { takeFiles } = await import("./takeFiles");
    const only = await dispatch(takeFiles(chosen, setRun));
    if (only) await navigate(`/post/${only}/write`);
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
