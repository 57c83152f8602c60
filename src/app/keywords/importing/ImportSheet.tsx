/** Brings in a keyword file: how it will be read is guessed, shown and corrected before anything is taken. */
import { FileUp } from "lucide-react";
import { type DragEvent, useState } from "react";
import { attempt } from "../../store/attempt";
import { useAppSelector } from "../../store/hooks";
import { Button } from "../../ui/Button";
import { FileButton } from "../../ui/FileButton";
import { Progress } from "../../ui/Progress";
import { Sheet } from "../../ui/Sheet";
import { PreviewTable } from "./PreviewTable";
import { ReadReport } from "./ReadReport";
import { useTableFile } from "./useTableFile";

const ACCEPT = ".csv,.tsv,.txt,.xlsx,text/csv,text/plain,text/tab-separated-values";

export function ImportSheet({
  onClose,
  onDone,
}: {
  onClose: () => void;
  onDone: (lookUpId: string) => void;
}) {
  const file = useTableFile();
  const { step } = file;
  const siteLanguage = useAppSelector((state) => state.session.site.language);
  const [chosen, setLanguage] = useState<string | null>(null);
  // What somebody chose, else what the keywords seem to be.
  const language = chosen ?? (("preview" in step && step.preview.language) || siteLanguage);
  const [over, setOver] = useState(false);
  const drop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    const dropped = event.dataTransfer.files[0];
    if (dropped) void file.take(dropped);
  };
  return (
    <Sheet title="Import a keyword file" wide onClose={onClose}>
      {step.at === "none" && (
        // biome-ignore lint/a11y/noStaticElementInteractions: dropping is beside the button that does the same
        <div
          onDragOver={(event) => {
            event.preventDefault();
            setOver(true);
          }}
          onDragLeave={() => setOver(false)}
          onDrop={drop}
          className={`border border-dashed p-8 text-center ${over ? "border-proof bg-proof-wash" : "border-edge"}`}
        >
          {step.failure && (
            <p role="alert" className="mb-4 text-plum">
              {step.failure}
            </p>
          )}
          <p className="mb-3">
            The export of any keyword tool: CSV, tab-separated text or a workbook (.xlsx). Drop it here, or
            choose it.
          </p>
          <FileButton
            label="Choose a file"
            accept={ACCEPT}
            icon={<FileUp size={15} aria-hidden="true" />}
            onFile={(chosen) => void file.take(chosen)}
          />
        </div>
      )}
      {step.at === "taking" && <p role="status">Looking at {step.file.name} …</p>}
      {step.at === "preview" && (
        <PreviewTable
          file={step.file}
          preview={step.preview}
          language={language}
          onLanguage={setLanguage}
          onPlan={(decided) => void file.guess(decided)}
          onEncoding={(encoding) => void file.take(step.file, {}, encoding)}
          onRead={() => void file.read()}
        />
      )}
      {step.at === "reading" && (
        <div role="status" className="flex items-center gap-4">
          <Progress label="Lines read" value={step.line} of={step.lines} className="flex-1" />
          <span className="figures">
            line {step.line.toLocaleString("en")} of {step.lines.toLocaleString("en")}
          </span>
          <Button onClick={file.cancel}>Cancel</Button>
        </div>
      )}
      {step.at === "read" && (
        <ReadReport
          result={step.result}
          fileName={step.file.name}
          onBack={file.back}
          rejectedCsv={file.rejectedCsv}
          onKeep={() =>
            void attempt(async () => {
              const lookUp = await file.keep(language);
              if (lookUp) onDone(lookUp);
            })
          }
        />
      )}
    </Sheet>
  );
}
