/** A suggestion on a slip: its parts, each with what it was made from, what was noticed of it, the score it would give, and what to do with it. */
import { diffWords } from "diff";
import { RotateCcw, X } from "lucide-react";
import { type ReactNode, useId, useState } from "react";
import type { Answer, Part } from "../../core/apprentice/shapes";
import { Button } from "../ui/Button";
import { count } from "../ui/figures";
import { saidOrigins } from "./origins";

/** The old words struck through, the new ones underlined. */
function Against({ before, after }: { before: string; after: string }) {
  return (
    <p className="mx-4 mt-1 border-t border-rule pt-1 font-serif text-[14px]">
      <span className="sr-only">Against the old words: </span>
      {diffWords(before, after).map(({ value, added, removed }, at) =>
        added ? (
          <ins key={at} className="text-proof underline">
            {value}
          </ins>
        ) : removed ? (
          <del key={at} className="text-plum line-through">
            {value}
          </del>
        ) : (
          <span key={at}>{value}</span>
        ),
      )}
    </p>
  );
}

/** How parts look that are no plain sentences. */
const LOOKS: Record<string, string> = {
  title: "block text-[17px] font-semibold",
  subject: "block text-[17px] font-semibold",
  heading: "block text-[16px] font-semibold",
  heading2: "block text-[16px] font-semibold",
  heading3: "block pl-4",
  question: "block pl-4 italic",
  note: "block pl-4 text-[14px] text-ink-2",
  description: "block",
  preview: "block text-ink-2",
  entry: "block",
  item: "block pl-3",
  post: "mb-2 block border-b border-rule pb-2 last:border-b-0",
};

interface Props {
  answer: Answer;
  /** What it would take the place of: shown word by word. */
  against?: string;
  /** Said at its foot: the score that it would give. */
  score?: ReactNode;
  /** What taking it does, in words for the button; none where it can only be looked at. */
  take: string | null;
  readOnly?: boolean;
  onTake(parts: readonly Part[], whole: boolean): void;
  onAgain?: () => void;
  onDrop?: () => void;
}

export function Slip({ answer, against, score, take, readOnly = false, onTake, onAgain, onDrop }: Props) {
  const [chosen, setChosen] = useState<ReadonlySet<number>>(new Set());
  const [near, setNear] = useState<number | null>(null);
  const about = useId();
  const { parts, findings } = answer;
  const toggle = (at: number) => {
    const next = new Set(chosen);
    if (!next.delete(at)) next.add(at);
    setChosen(next);
  };
  const posts = parts.filter(({ field }) => field === "post").length;
  const picked = parts.filter((_, at) => chosen.has(at));
  return (
    <article
      aria-label="Suggestion"
      className="flex min-w-0 max-w-[46rem] flex-col border border-dashed border-edge bg-sheet"
    >
      <div className="min-h-24 flex-1 px-4 pt-3 font-serif text-[15px] leading-relaxed">
        {parts.map((part, at) => (
          <span key={at}>
            {part.field === "paragraph" && at > 0 && <span className="block h-2" />}
            <label
              onPointerEnter={() => setNear(at)}
              className={`relative cursor-pointer rounded-sm hover:bg-paper has-checked:bg-proof-wash has-checked:underline has-focus-visible:outline-2 has-focus-visible:outline-proof ${LOOKS[part.field] ?? "inline"} ${part.field === "item" || part.field === "entry" ? "before:mr-1.5 before:content-['–']" : ""}`}
            >
              <input
                type="checkbox"
                className="sr-only"
                aria-describedby={near === at ? about : undefined}
                checked={chosen.has(at)}
                onChange={() => toggle(at)}
                onFocus={() => setNear(at)}
              />
              {part.field === "post" && (
                <span className="figures mr-2 font-sans text-[12px] text-ink-2">
                  {at + 1}/{posts}
                </span>
              )}
              <bdi>{part.text}</bdi>
              {part.field === "post" && (
                <span className="figures ml-2 font-sans text-[12px] text-ink-2">
                  {count([...part.text].length, "character")}
                </span>
              )}
            </label>{" "}
          </span>
        ))}
      </div>
      <p id={about} className="mx-4 mt-2 min-h-9 border-t border-rule pt-1 text-[12px] text-ink-2">
        {near === null || !parts[near]
          ? "Point at a part to see what it was made from."
          : `From ${saidOrigins(parts[near]).join("; ")}`}
      </p>
      {against !== undefined && <Against before={against} after={answer.text} />}
      {findings.length > 0 && (
        <ul aria-label="Noticed" className="mx-4 mt-1 text-[12px] text-plum">
          {findings.slice(0, 6).map(({ id, says }, at) => (
            <li key={`${id} ${at}`}>{says}</li>
          ))}
        </ul>
      )}
      <div className="sticky -bottom-6 flex flex-wrap items-center gap-2 bg-sheet px-4 py-3">
        {take && (
          <Button kind="primary" disabled={readOnly} onClick={() => onTake(parts, true)}>
            {take}
          </Button>
        )}
        {take && picked.length > 0 && picked.length < parts.length && (
          <Button disabled={readOnly} onClick={() => onTake(picked, false)}>
            Take the {picked.length} chosen
          </Button>
        )}
        {onAgain && (
          <Button kind="quiet" onClick={onAgain}>
            <RotateCcw size={14} aria-hidden="true" /> Again
          </Button>
        )}
        {onDrop && (
          <Button kind="quiet" onClick={onDrop}>
            <X size={14} aria-hidden="true" /> Drop
          </Button>
        )}
        {score !== undefined && score !== null && (
          <span className="figures ml-auto text-[13px] text-ink-2">{score}</span>
        )}
      </div>
    </article>
  );
}
