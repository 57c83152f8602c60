/** Copies of earlier workspaces in this browser: bring one back, download it, delete it. */

import { Download, RotateCcw, Trash2 } from "lucide-react";
import {
  ALWAYS_KEPT,
  deleteSnapshot,
  restoreSnapshot,
  type Snapshot,
  snapshotFile,
} from "../../../data/snapshots";
import type { Answer } from "../../store/useAsk";
import { attemptRead } from "../../ui/attemptRead";
import { dayAndTime } from "../../ui/dates";
import { download } from "../../ui/download";
import { Failed } from "../../ui/Failed";
import { count } from "../../ui/figures";
import { kilobytes } from "../../ui/shortFigures";
import { toast } from "../../ui/toast";

interface Props {
  snapshots: Answer<Snapshot[]>;
  busy: boolean;
  onRestore: (snapshot: Snapshot) => void;
}

export function SnapshotList({ snapshots, busy, onRestore }: Props) {
  const attempt = (work: () => Promise<void>) => {
    attemptRead(work().finally(snapshots.retry));
  };
  const save = (snapshot: Snapshot) =>
    attempt(async () =>
      download(await snapshotFile(snapshot.id), `workspace-${snapshot.madeAt.slice(0, 10)}.dunesparrow.zip`),
    );
  const remove = (snapshot: Snapshot) =>
    attempt(async () => {
      const file = await snapshotFile(snapshot.id);
      await deleteSnapshot(snapshot.id);
      toast("The copy was deleted.", {
        duration: 30_000,
        action: { label: "Undo", onClick: () => attempt(() => restoreSnapshot(snapshot, file)) },
      });
    });
  const tool = "inline-flex items-center gap-1 text-[13px] text-ink-2 hover:text-ink disabled:opacity-50";
  return (
    <section aria-label="Earlier workspaces" className="mt-1">
      <h3 className="mb-1">Earlier workspaces</h3>
      <p className="mb-2 text-[13px] text-ink-2">
        Kept in this browser before the workspace was replaced: the last {ALWAYS_KEPT} always, others as long
        as there is room.
      </p>
      {snapshots.state === "failed" ? (
        <Failed what="The list could not be read" why={snapshots.why} onRetry={snapshots.retry} />
      ) : snapshots.state === "loading" ? (
        <p role="status" className="text-ink-2">
          Reading the list …
        </p>
      ) : snapshots.value.length ? (
        <ul className="border-t border-rule">
          {snapshots.value.map((snapshot) => (
            <li key={snapshot.id} className="figures border-b border-rule py-2">
              <p className="flex items-baseline gap-x-4">
                <span className="min-w-0 flex-1 truncate">
                  <span className="font-semibold">{dayAndTime(snapshot.madeAt)}</span> · {snapshot.siteName}
                </span>
                <span className="w-20 shrink-0 text-right">{count(snapshot.posts, "post")}</span>
                <span className="w-20 shrink-0 text-right">{kilobytes(snapshot.bytes)}</span>
              </p>
              <div className="flex items-baseline gap-x-4">
                <p className="min-w-0 flex-1 text-[13px] text-ink-2">{snapshot.why}</p>
                <span className="flex shrink-0 gap-3">
                  <button type="button" className={tool} disabled={busy} onClick={() => onRestore(snapshot)}>
                    <RotateCcw size={14} aria-hidden="true" /> Bring back
                    <span className="sr-only"> the workspace of {dayAndTime(snapshot.madeAt)}</span>
                  </button>
                  <button type="button" className={tool} onClick={() => save(snapshot)}>
                    <Download size={14} aria-hidden="true" /> Download
                    <span className="sr-only"> the workspace of {dayAndTime(snapshot.madeAt)}</span>
                  </button>
                  <button type="button" className={tool} onClick={() => remove(snapshot)}>
                    <Trash2 size={14} aria-hidden="true" /> Delete
                    <span className="sr-only"> the workspace of {dayAndTime(snapshot.madeAt)}</span>
                  </button>
                </span>
              </div>
            </li>
          ))}
        </ul>
      ) : (
        <p className="text-ink-2">None yet.</p>
      )}
    </section>
  );
}
