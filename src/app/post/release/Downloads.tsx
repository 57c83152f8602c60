import { Download } from "lucide-react";
import { useRef, useState } from "react";
import { useAppDispatch } from "../../store/hooks";
import { attemptRead } from "../../ui/attemptRead";
import { Button } from "../../ui/Button";
import { Checkbox } from "../../ui/Checkbox";
import { download } from "../../ui/download";
import { count } from "../../ui/figures";
import { kilobytes } from "../../ui/shortFigures";
import { toast } from "../../ui/toast";
import { usePostSession } from "../SessionContext";
import type { ExportedFile } from "./exportPost";
import { EXPORTS, type ExportFormat } from "./exports";

interface Props {
  open: number;
  /** The shut gates are knowingly waived through. */
  waived: boolean;
}

/** The files to take away: free when every gate is open, or when the shut ones are knowingly waived through. */
export function Downloads({ open, waived }: Props) {
  const session = usePostSession();
  const dispatch = useAppDispatch();
  const [jpeg, setJpeg] = useState(false);
  const [progress, setProgress] = useState<{ done: number; of: number } | null>(null);
  const [upload, setUpload] = useState<ExportedFile["upload"]>();
  const stop = useRef<AbortController | null>(null);
  const busy = progress !== null;
  const ready = !open || waived;
  const save = async ({ writer }: ExportFormat) => {
    const own = new AbortController();
    stop.current = own;
    setProgress({ done: 0, of: 0 });
    try {
      const write = await writer();
      const file: ExportedFile = await dispatch(
        write(session, {
          jpeg,
          onProgress: (done, of) => setProgress({ done, of }),
          signal: own.signal,
        }),
      );
      download(file.blob, file.name);
      setUpload(file.upload);
      toast(
        `Downloaded ${file.name}.${file.missing ? ` ${count(file.missing, "picture")} had no file and stays as an address.` : ""}`,
      );
    } catch (error) {
      if (own.signal.aborted) toast("Cancelled. No file was made.");
      else
        toast.error(
          `The file could not be made: ${(error as Error).message}. Your post is unchanged; try again.`,
          { duration: 12_000 },
        );
    } finally {
      setProgress(null);
    }
  };
  return (
    <section aria-label="Export" className="border border-rule bg-sheet p-3">
      <h2 className="mb-2 flex items-center gap-1.5">
        <Download size={15} aria-hidden="true" /> Export
      </h2>
      <div className="flex flex-col gap-2">
        {EXPORTS.map((format, i) => {
          const { id, name, icon: Icon } = format;
          return (
            <Button
              key={id}
              {...(i === 0 && { "data-field": "export" })}
              disabled={!ready || busy}
              onClick={() => void save(format)}
            >
              <Icon size={15} aria-hidden="true" /> {name}
            </Button>
          );
        })}
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
        <Checkbox checked={jpeg} onChange={setJpeg} />
        Pictures as JPEG, for programs that cannot read WebP
      </label>
      <p className="mt-2 text-[13px] text-ink-2">
        The page is self-contained, with its pictures. Both files can be imported on the Desk again and scored
        from the command line; what the score needs besides the text is in the zip, or available as{" "}
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
