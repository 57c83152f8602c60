/** What came of a file: every row accounted for, the rejected ones with their reasons. */
import { Download } from "lucide-react";
import type { ReadFile } from "../../../workers/tableFileApi";
import { Button } from "../../ui/Button";
import { downloadCsv } from "../../ui/download";
import { count, whole } from "../../ui/figures";

export function ReadReport({
  result,
  fileName,
  onKeep,
  onBack,
  rejectedCsv,
}: {
  result: ReadFile;
  fileName: string;
  onKeep: () => void;
  onBack: () => void;
  rejectedCsv: () => Promise<string>;
}) {
  const { counts, rejected, unread, notes } = result;
  const parts: [string, number][] = [
    ["keywords imported", counts.taken],
    ["merged into an earlier row", counts.merged],
    ["rejected", counts.rejected],
    ["blank", counts.blank],
    ["header and above", counts.above],
  ];
  const save = async () => downloadCsv(await rejectedCsv(), `rejected ${fileName.replace(/\.\w+$/, "")}`);
  return (
    <>
      <p className="mb-2">
        {count(counts.read, "row")} read from <strong>{fileName}</strong>:
      </p>
      <dl className="mb-4 flex flex-wrap gap-x-8 gap-y-2">
        {parts.map(([name, n]) => (
          <div key={name}>
            <dt className="text-[12px] text-ink-2">{name}</dt>
            <dd className={`figures text-lg font-semibold ${name === "rejected" && n ? "text-plum" : ""}`}>
              {whole(n)}
            </dd>
          </div>
        ))}
      </dl>
      {notes.map((note) => (
        <p key={note} className="mb-2">
          {note}
        </p>
      ))}
      {counts.rejected > 0 && (
        <section aria-label="Rejected rows" className="mb-3">
          <div className="mb-1 flex items-center justify-between">
            <h3 className="text-[13px] text-ink-2">
              Rejected rows
              {counts.rejected > rejected.length && `, the first ${rejected.length}`}
            </h3>
            <Button kind="quiet" onClick={() => void save()}>
              <Download size={15} aria-hidden="true" /> All of them as CSV
            </Button>
          </div>
          <ul className="max-h-48 overflow-y-auto border border-rule text-[13px]">
            {rejected.map(({ line, reason, cells }) => (
              <li key={line} className="border-b border-rule px-3 py-1 last:border-b-0">
                <span className="figures text-ink-2">line {line}</span> {reason}{" "}
                <span className="text-ink-2">{cells.join(" | ").slice(0, 160)}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {unread.length > 0 && (
        <details className="mb-3 text-[13px]">
          <summary>
            {count(unread.length, "cell")} could not be read; those numbers stay unknown
            {unread.length === 200 ? " (the first 200)" : ""}
          </summary>
          <ul className="mt-1 max-h-40 overflow-y-auto border border-rule">
            {unread.map(({ line, column, cell }) => (
              <li key={`${line}.${column}`} className="px-3 py-0.5">
                <span className="figures text-ink-2">
                  line {line}, column {column + 1}
                </span>{" "}
                “{cell.slice(0, 80)}”
              </li>
            ))}
          </ul>
        </details>
      )}
      <div className="flex gap-3">
        <Button kind="primary" disabled={!counts.taken} onClick={onKeep}>
          Keep {count(counts.taken, "keyword")}
        </Button>
        <Button onClick={onBack}>Back to the columns</Button>
      </div>
    </>
  );
}
