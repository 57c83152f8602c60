import { ArrowRight } from "lucide-react";
import { Link } from "react-router";
import { STAGES, type Stage } from "../../data/stages";

/** The way on, at the end of a stage. */
export function NextStage({ from }: { from: Stage }) {
  const next = STAGES[STAGES.findIndex(({ id }) => id === from) + 1];
  if (!next) return null;
  return (
    <p className="flex items-baseline justify-end gap-2 py-3 text-[13px] text-ink-2 print:hidden">
      {next.says}
      <Link
        to={`../${next.id}`}
        relative="path"
        className="inline-flex h-8 items-center gap-1.5 rounded border border-edge bg-sheet px-3 text-[14px] text-ink hover:border-proof hover:text-proof"
      >
        Next: {next.name} <ArrowRight size={14} aria-hidden="true" />
      </Link>
    </p>
  );
}
