/** The workspace as one file: taken away, put back, started again; and the copies of earlier ones. */

import { useState } from "react";
import { saveBackedUp } from "../../../data/saveSettings";
import { listSnapshots } from "../../../data/snapshots";
import type { NewerWorkspace } from "../../../data/workspace/newer";
import type { Refused, Replacement } from "../../../workers/filesApi";
import { useAppDispatch } from "../../store/hooks";
import { useAsk } from "../../store/useAsk";
import { Button } from "../../ui/Button";
import { dayAndTime } from "../../ui/dates";
import { download } from "../../ui/download";
import { FileButton } from "../../ui/FileButton";
import { count } from "../../ui/figures";
import { Term } from "../../ui/Term";
import { toast } from "../../ui/toast";
import { readSession } from "../../workspace/start";
import { fetchDemo, type OnStep, replaceWorkspace } from "../../workspace/workspace";
import { workspaceFile } from "../../workspace/workspaceFile";
import { Refusal } from "../Refusal";
import { NewerSheet } from "./NewerSheet";
import { RefusedNotice } from "./RefusedNotice";
import { SnapshotList } from "./SnapshotList";
import { StorageLine } from "./StorageLine";
import { TaskLine } from "./TaskLine";
import { useTask } from "./useTask";

/** A replacement as it was asked for, to be asked for again on other terms. */
interface ReplaceRequest {
  /** What the workspace is now, in words. */
  says: string;
  /** What was about to happen, in words, for the copy of what was there. */
  why: string;
  by: () => Promise<Replacement>;
}

/** Notes on what came in that are shown at once. */
const NOTES_SHOWN = 6;

export function WorkspaceSection() {
  const dispatch = useAppDispatch();
  const task = useTask();
  const snapshots = useAsk(listSnapshots, []);
  const [refused, setRefused] = useState<{
    request: ReplaceRequest;
    why: Exclude<Refused, { kind: "newer" }>;
  } | null>(null);
  const [newer, setNewer] = useState<NewerWorkspace | null>(null);
  const [notes, setNotes] = useState<string[]>([]);

  const replace = (request: ReplaceRequest, terms: { takeTheRest?: boolean; withoutCopy?: boolean } = {}) =>
    task.run(async (onStep, signal) => {
      setRefused(null);
      setNotes([]);
      await replaced(request, terms, onStep, signal);
      snapshots.retry();
    });

  async function replaced(
    request: ReplaceRequest,
    { takeTheRest = false, withoutCopy = false }: { takeTheRest?: boolean; withoutCopy?: boolean },
    onStep: OnStep,
    signal: AbortSignal,
  ): Promise<void> {
    const by = await request.by();
    const outcome = await dispatch(
      replaceWorkspace(by.kind === "file" ? { ...by, takeTheRest } : by, {
        why: request.why,
        withoutCopy,
        onStep,
        signal,
      }),
    );
    if (outcome.kind === "cancelled") {
      toast("Cancelled. Your workspace is unchanged.");
      return;
    }
    if (outcome.kind === "refused") {
      if (outcome.refused.kind === "newer") setNewer(outcome.refused.workspace);
      else setRefused({ request, why: outcome.refused });
      return;
    }
    await dispatch(readSession());
    setNotes(outcome.notes);
    const { copy } = outcome;
    const undo = () =>
      task.run(async (step, stop) => {
        const back = await dispatch(
          replaceWorkspace(
            { kind: "snapshot", id: copy! },
            { why: "Before an undo", onStep: step, signal: stop },
          ),
        );
        if (back.kind !== "replaced")
          throw new Error("It could not be undone; the copy is in the list below.");
        await dispatch(readSession());
        snapshots.retry();
        setNotes([]);
        toast("Everything is back as it was.");
      });
    toast(request.says, {
      duration: 60_000,
      ...(copy && { action: { label: "Undo", onClick: () => void undo() } }),
    });
  }

  const backUp = () =>
    task.run(async (onStep, signal) => {
      const packed = await dispatch(workspaceFile(onStep, signal)).catch((error: Error) => {
        throw new Error(`The workspace could not be packed: ${error.message}`);
      });
      if (!packed) {
        toast("Cancelled. No file was made.");
        return;
      }
      download(packed.file, `workspace-${packed.when.slice(0, 10)}.dunesparrow.zip`);
      await saveBackedUp(packed.when);
    });
  const busy = task.step !== null;
  return (
    <>
      <p className="mb-2">
        All posts, outlines, keywords, pictures and settings are kept in this browser. One{" "}
        <Term id="workspace">file</Term> holds a copy of everything.
      </p>
      <StorageLine />
      <Refusal error={task.failure} safe="Nothing was replaced: your workspace is unchanged." />
      {refused && (
        <RefusedNotice
          refused={refused.why}
          onTheRest={() => void replace(refused.request, { takeTheRest: true })}
          onWithoutCopy={() => void replace(refused.request, { withoutCopy: true })}
        />
      )}
      {newer && <NewerSheet workspace={newer} onClose={() => setNewer(null)} />}
      <div className="flex flex-wrap gap-2">
        <Button kind="primary" disabled={busy} onClick={() => void backUp()}>
          Download the workspace file
        </Button>
        <FileButton
          label="Open a workspace file"
          accept=".zip"
          disabled={busy}
          onFile={(file) =>
            void replace({
              says: `The workspace is now that of “${file.name}”.`,
              why: `Before “${file.name}” was opened`,
              by: async () => ({ kind: "file", file }),
            })
          }
        />
        <Button
          disabled={busy}
          onClick={() =>
            void replace({
              says: "Started again with the demo.",
              why: "Before the demo was started again",
              by: fetchDemo,
            })
          }
        >
          Start again with the demo
        </Button>
        <Button
          disabled={busy}
          onClick={() =>
            void replace({
              says: "Started empty.",
              why: "Before an empty start",
              by: async () => ({ kind: "empty" }),
            })
          }
        >
          Start empty
        </Button>
      </div>
      <p className="mt-2 text-[13px] text-ink-2">
        Opening a file or starting again replaces everything. A copy of what is here now is kept below first.
      </p>
      <TaskLine task={task} />
      {notes.length > 0 && (
        <div role="status" className="mb-2 border-l-2 border-plum pl-3 text-[13px]">
          <p>{count(notes.length, "note")} about the import:</p>
          <ul className="list-disc pl-5">
            {notes.slice(0, NOTES_SHOWN).map((note, i) => (
              <li key={i}>{note}</li>
            ))}
          </ul>
          {notes.length > NOTES_SHOWN && <p>and {notes.length - NOTES_SHOWN} more of this kind.</p>}
        </div>
      )}
      <SnapshotList
        snapshots={snapshots}
        busy={busy}
        onRestore={(snapshot) =>
          void replace({
            says: `The workspace is that of ${dayAndTime(snapshot.madeAt)} again.`,
            why: `Before the workspace of ${dayAndTime(snapshot.madeAt)} was brought back`,
            by: async () => ({ kind: "snapshot", id: snapshot.id }),
          })
        }
      />
    </>
  );
}
