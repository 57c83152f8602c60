import { Download, FileCode2, FileText } from "lucide-react";
import { useRef, useState } from "react";
import { toast } from "sonner";
import { useAppDispatch } from "../../store/hooks";
import { attemptRead } from "../../ui/attemptRead";
import { Button } from "../../ui/Button";
import { download } from "../../ui/download";
import { count, kilobytes } from "../../ui/figures";
import { usePostSession } from "../SessionContext";
import type { ExportedFile } from "./exportPost";

interface Props {
  shut: number;
  /** The shut gates are knowingly waved through. */
  waved: boolean;
  onWaved: (waved: boolean) => void;
}

/** The files to take away: free when every gate is open, or when the shut ones are knowingly waved through. */
export function Downloads({ shut, waved, onWaved }: Props) {
  const session = usePostSession();
  const dispatch = useAppDispatch();
  const [jpeg, setJpeg] = useState(false);
  const [progress, setProgress] = useState<{ done: number; of: number } | null>(null);
  const [upload, setUpload] = useState<ExportedFile["upload"]>();
  const stop = useRef<AbortController | null>(null);
  const busy = progress !== null;
  const ready = !shut || waved;
  const save = async (make: "exportPage" | "exportMarkdown") => {
    const own = new AbortController();
    stop.current = own;
    setProgress({ done: 0, of: 0 });
    try {
      const exports = await import("./exportPost");
      const file: ExportedFile = await dispatch(
        exports[make](session, {
          jpeg,
          onProgress: (done, of) => setProgress({ done, of }),
          signal: own.signal,
        }),
      );
      download(file.blob, file.name);
      setUpload(file.upload);
      toast(
        `Downloaded ${file.name}.${file.missing ? ` ${count(file.missing, "picture")} had no file and stays an address.` : ""}`,
      );
    } catch (error) {
      if (own.signal.aborted) toast("Cancelled. No file was made.");
      else
        toast.error(
          `The file could not be made: ${(error as Error).message}. Your post is as it was; try again.`,
          { duration: 12_000 },
        );
    } finally {
      setProgress(null);
    }
  };
  return (
    <section aria-label="Download" className="border border-rule bg-sheet p-3">
      <h2 className="mb-2 flex items-center gap-1.5">
        <Download size={15} aria-hidden="true" /> Take it away
      </h2>
      {shut > 0 && (
        <label className="mb-3 flex items-start gap-2 border-l-2 border-plum pl-2">
          <input
            type="checkbox"
            className="mt-1"
            checked={waved}
            onChange={(event) => onWaved(event.target.checked)}
          />
          <span>
            I know that {count(shut, "gate")} {shut === 1 ? "is" : "are"} shut, and release all the same.
          </span>
        </label>
      )}
      <div className="flex flex-col gap-2">
        <Button
          data-field="export"
          kind="primary"
          disabled={!ready || busy}
          onClick={() => void save("exportPage")}
        >
          <FileCode2 size={15} aria-hidden="true" /> HTML page
        </Button>
        <Button disabled={!ready || busy} onClick={() => void save("exportMarkdown")}>
          <FileText size={15} aria-hidden="true" /> Markdown and pictures, zipped
        </Button>
      </div>
      {progress && (
        <div className="mt-2 flex flex-wrap items-center gap-2">
          <p role="status" className="figures text-[13px] text-ink-2">
            {progress.of ? `Packing: ${kilobytes(progress.done)} of ${kilobytes(progress.of)}` : "Writing …"}
          </p>
          <Button onClick={() => stop.current?.abort()}>Cancel</Button>
        </div>
      )}
      {upload && (
        <p role="status" className="mt-2 border-l-2 border-proof pl-2 text-[13px]">
          The pictures are in the page. A shared link needs its own: put {upload.name} beside the page, where
          it is looked for (<span className="break-all text-ink-2">{upload.address}</span>).{" "}
          <button type="button" className="quiet-link" onClick={() => download(upload.blob, upload.name)}>
            Download {upload.name}
          </button>
        </p>
      )}
      <label className="mt-3 flex items-center gap-2 text-[13px]">
        <input type="checkbox" checked={jpeg} onChange={(event) => setJpeg(event.target.checked)} />
        Pictures as JPEG, for what reads no WebP
      </label>
      <p className="mt-2 text-[13px] text-ink-2">
        The page stands alone, its pictures in it. Both can be imported on the Desk again, and scored by
        command; what the score rests on besides the text is in the zip, or as{" "}
        <button
          type="button"
          className="quiet-link"
          onClick={() =>
            attemptRead(
              import("./exportPost").then(({ exportContext }) => {
                const file = dispatch(exportContext());
                download(file.blob, file.name);
              }),
            )
          }
        >
          a context file
        </button>
        .
      </p>
    </section>
  );
}
