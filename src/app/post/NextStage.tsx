import { ArrowRight } from "lucide-react";
import { Link } from "react-router";
import { STAGES, type Stage } from "../../data/model";
import { STAGE_NAMES } from "../../data/stageNames";

/** What the next stage is for, in a few words. */
const SAYS: Record<Stage, string> = {
  find: "Choose the keyword",
  plan: "See what ranks, and outline the post",
  write: "Turn the outline into text",
  proof: "See what the text still lacks",
  release: "The page's fields and the export",
};

/** The way on, at the end of a stage. */
export function NextStage({ from }: { from: Stage }) {
  const next = STAGES[STAGES.indexOf(from) + 1];
  if (!next) return null;
  return (
    <p className="flex items-baseline justify-end gap-2 py-3 text-[13px] text-ink-2 print:hidden">
      {SAYS[next]}
      <Link
        to={`../${next}`}
        relative="path"
        className="inline-flex h-8 items-center gap-1.5 rounded border border-edge bg-sheet px-3 text-[14px] text-ink hover:border-proof hover:text-proof"
      >
        Next: {STAGE_NAMES[next]} <ArrowRight size={14} aria-hidden="true" />
      </Link>
    </p>
  );
}
