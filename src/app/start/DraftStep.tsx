import { useEffect, useRef, useState } from "react";
import { useNavigate } from "react-router";
import { parseOutline } from "../../core/outline/outlineText";
import { deleteStart } from "../../data/starts";
import { useAppDispatch } from "../store/hooks";
import { attemptRead } from "../ui/attemptRead";
import { Button } from "../ui/Button";
import { count } from "../ui/figures";
import { makePostOf, type Progress } from "./makePost";
import type { StepProps } from "./step";

export function DraftStep({ start }: StepProps) {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const [progress, setProgress] = useState<Progress | null>(null);
  const stop = useRef(new AbortController());
  const here = useRef(true);
  useEffect(() => {
    here.current = true;
    return () => {
      here.current = false;
    };
  }, []);
  const headings = start.outline.trim() ? parseOutline(start.outline).filter(({ faq }) => !faq).length : 0;
  const make = async (drafted: boolean) => {
    stop.current = new AbortController();
    const id = await dispatch(makePostOf(start, drafted, setProgress, stop.current.signal));
    await deleteStart(start.id);
    // Whoever went elsewhere meanwhile finds the post on the Desk.
    if (here.current) await navigate(`/post/${id}/${headings || start.opening.trim() ? "write" : "plan"}`);
  };
  const lines = [
    ["Title", start.title || "none yet"],
    ["Keyword", start.keyword || "none yet"],
    ["Outline", headings ? count(headings, "heading") : "none yet"],
    ["Opening", start.opening.trim() ? count(start.opening.trim().split(/\s+/).length, "word") : "none yet"],
  ] as const;
  return (
    <div className="flex flex-col gap-4">
      <dl className="grid grid-cols-[8rem_1fr] gap-y-1 border border-rule bg-sheet px-4 py-3">
        {lines.map(([name, says]) => (
          <div key={name} className="contents">
            <dt className="text-ink-2">{name}</dt>
            <dd className="font-serif">{says}</dd>
          </div>
        ))}
      </dl>
      <p className="max-w-xl text-ink-2">
        The post is made with this plan. With a first draft, each section is started from its notes and from
        what your site says on it; all of that is marked to review, and holds the gate until you have looked
        at it.
      </p>
      {progress ? (
        <p role="status" className="flex items-center gap-3">
          Section {progress.done} of {progress.of} …
          <Button kind="quiet" onClick={() => stop.current.abort()}>
            Stop drafting
          </Button>
        </p>
      ) : (
        <div className="flex gap-3">
          <Button kind="primary" disabled={!headings} onClick={() => attemptRead(make(true))}>
            Make the post with a first draft
          </Button>
          <Button onClick={() => attemptRead(make(false))}>Make the post without a draft</Button>
        </div>
      )}
    </div>
  );
}
