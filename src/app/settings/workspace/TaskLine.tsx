import { Button } from "../../ui/Button";
import { Progress } from "../../ui/Progress";
import { kilobytes } from "../../ui/shortFigures";
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
          <Progress label={step.doing} value={step.done} of={step.of} className="w-48" />
          <Button onClick={cancel}>Cancel</Button>
        </div>
      )}
    </div>
  );
}
