import { Button } from "../../ui/Button";
import { kilobytes } from "../../ui/figures";
import type { Task } from "./useTask";

/** How far a task is, and the way to end it. */
export function TaskLine({ task: { step, cancel } }: { task: Task }) {
  return (
    <div className="mt-2 min-h-8">
      {step && (
        <div className="flex items-center gap-3">
          <p role="status" className="figures text-ink-2">
            {step.doing}
            {step.of > 0 ? `: ${kilobytes(step.done)} of ${kilobytes(step.of)}` : " …"}
          </p>
          <progress
            aria-label={step.doing}
            className="w-48 accent-proof"
            {...(step.of > 0 && { value: step.done, max: step.of })}
          />
          <Button onClick={cancel}>Cancel</Button>
        </div>
      )}
    </div>
  );
}
