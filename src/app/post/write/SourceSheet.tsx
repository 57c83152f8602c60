/** The text as Markdown or HTML, to be changed by hand; what is wrong and what would be lost is said before it is taken. */

import { useEffect, useRef, useState } from "react";
import type { SourceKind } from "../../../core/files/source";
import { messageOf } from "../../../core/messageOf";
import { useDependencies } from "../../store/DependenciesContext";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { useAsk } from "../../store/useAsk";
import { Button } from "../../ui/Button";
import { Failed } from "../../ui/Failed";
import { Sheet } from "../../ui/Sheet";
import { toast } from "../../ui/toast";
import { usePostSession } from "../SessionContext";
import { keepCurrent } from "../versions/keepCurrent";
import { withPictures } from "./editor/paste";
import { keepPicture } from "./keepPicture";
import { Choice } from "./toolParts";

const KINDS = [
  ["markdown", "Markdown"],
  ["html", "HTML"],
] as const;
/** Milliseconds after the last key before the source is looked over. */
const REST = 300;

export function SourceSheet({ onClose }: { onClose: () => void }) {
  const { workers } = useDependencies();
  const dispatch = useAppDispatch();
  const session = usePostSession();
  const readOnly = useAppSelector((state) => state.openPost.readOnly);
  const area = useRef<HTMLTextAreaElement>(null);
  const [kind, setKind] = useState<SourceKind>("markdown");
  const [written, setWritten] = useState<string | null>(null);
  const [text, setText] = useState("");
  const changed = written !== null && text !== written;

  const source = useAsk(
    async () => ({ of: kind, text: await workers.draft.writeSource(session.json(), kind) }),
    [session, kind],
  );
  const asWritten = source.state === "ready" && source.value.of === kind ? source.value : null;
  useEffect(() => {
    if (!asWritten) return;
    setWritten(asWritten.text);
    setText(asWritten.text);
  }, [asWritten]);
  const looked = useAsk(
    () => (changed ? workers.draftReader.readSource(text, kind) : null),
    [text, kind, changed, workers],
    { pause: REST },
  );
  const read = looked.state === "ready" && looked.current ? looked.value : null;
  useEffect(() => {
    if (looked.state === "failed") failed(looked.why);
  }, [looked]);

  const take = async () => {
    const { doc } = await workers.draftReader.readSource(text, kind);
    await dispatch(keepCurrent({ why: "before changing the source" }));
    const before = session.json();
    session.setDoc(await withPictures(doc, { keepPicture: (file) => dispatch(keepPicture(file)) }));
    toast("The text is what its source says now.", {
      action: { label: "Undo", onClick: () => session.setDoc(before) },
    });
    onClose();
  };
  const goTo = (line: number) => {
    const lines = text.split("\n");
    const from = lines.slice(0, line - 1).reduce((sum, one) => sum + one.length + 1, 0);
    area.current?.focus();
    area.current?.setSelectionRange(from, from + (lines[line - 1]?.length ?? 0));
  };

  return (
    <Sheet title="Source of the text" wide onClose={onClose}>
      <div className="mb-2 flex items-center gap-4 text-[13px]">
        <Choice
          label="As"
          options={KINDS}
          value={kind}
          onChange={(next) => {
            if (changed) toast("Apply or undo your changes to this source first.");
            else setKind(next);
          }}
        />
        <span className="ml-auto text-ink-2">
          Title, description and the other fields stay where they are.
        </span>
      </div>
      {source.state === "failed" && (
        <Failed
          what="The source could not be written"
          why={source.why}
          safe="Your text is unchanged."
          onRetry={source.retry}
        />
      )}
      <textarea
        ref={area}
        aria-label="Source"
        spellCheck={false}
        readOnly={readOnly || !asWritten}
        className="h-[52vh] w-full resize-none rounded border border-edge bg-sheet p-3 font-mono text-[13px] leading-normal"
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <div className="mt-2 flex items-start gap-6">
        <div className="min-h-10 flex-1 text-[13px]" aria-live="polite">
          {read?.faults.slice(0, 8).map(({ line, message }, i) => (
            <p key={i}>
              <button type="button" className="quiet-link figures" onClick={() => goTo(line)}>
                Line {line}
              </button>
              : {message}.
            </p>
          ))}
          {read && read.lost.length > 0 && (
            <p className="text-plum">
              The text cannot hold this, and it would be gone: {read.lost.join(", ")}.
            </p>
          )}
          {read && !read.faults.length && !read.lost.length && (
            <p>Nothing is wrong, and nothing would be lost.</p>
          )}
        </div>
        {changed && <Button onClick={() => setText(written)}>As it was</Button>}
        <Button kind="primary" disabled={!changed || readOnly} onClick={() => take().catch(failed)}>
          Apply to the text
        </Button>
      </div>
    </Sheet>
  );
}

function failed(error: unknown): void {
  toast.error(`The source could not be read: ${messageOf(error)}. Your text is unchanged.`);
}
