import { Link } from "react-router";
import { Button } from "../../ui/Button";
import { Progress } from "../../ui/Progress";
import type { Job } from "./useLookUpJob";

/** How a look-up goes: progress with cancel, or what went wrong, what is safe, and what to do. */
export function JobLine({
  job,
  onCancel,
  onRetry,
  onDismiss,
}: {
  job: Job;
  onCancel: () => void;
  onRetry: (seeds: string[], add: boolean) => void;
  onDismiss: () => void;
}) {
  const line = "mb-2 flex flex-wrap items-center gap-3 border px-3 py-1.5";
  if (job.state === "asking")
    return (
      <div role="status" className={`${line} border-rule bg-sheet`}>
        <Progress label="Seeds looked up" value={job.done} of={job.of} />
        <span className="figures flex-1">
          Asking about “{job.seed}”, {Math.min(job.done + 1, job.of)} of {job.of} …
        </span>
        <Button onClick={onCancel}>Cancel</Button>
      </div>
    );
  if (job.state === "failed")
    return (
      <div role="alert" className={`${line} border-plum/40 bg-plum-wash text-plum`}>
        <span className="flex-1">
          “{job.seeds.join("”, “")}” could not be looked up. {job.message} Nothing that you had is changed.
        </span>
        <Button onClick={() => onRetry(job.seeds, job.add)}>Try again</Button>
        <Link className="underline" to="/settings#connections">
          Connection
        </Link>
        <Button kind="quiet" onClick={onDismiss}>
          Dismiss
        </Button>
      </div>
    );
  if (job.state === "done" && (job.notes.length || job.failed.length || job.empty))
    return (
      <div role="status" className={`${line} border-rule bg-sheet`}>
        <div className="flex-1">
          {job.notes.map((note) => (
            <p key={note}>{note}</p>
          ))}
          {job.empty && !job.notes.length && (
            <p>The service knows nothing for these words. Try importing a keyword file.</p>
          )}
          {job.failed.map(({ seed, why }) => (
            <p key={seed} className="text-plum">
              “{seed}” could not be looked up: {why} The other words were.
            </p>
          ))}
        </div>
        {job.failed.length > 0 && (
          <Button
            onClick={() =>
              onRetry(
                job.failed.map(({ seed }) => seed),
                true,
              )
            }
          >
            Try those again
          </Button>
        )}
        <Button kind="quiet" onClick={onDismiss}>
          Dismiss
        </Button>
      </div>
    );
  return null;
}
