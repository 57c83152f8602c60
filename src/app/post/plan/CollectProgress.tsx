import { Check, X } from "lucide-react";
import type { CollectJob } from "../../store/competitorsSlice";
import { useAppDispatch } from "../../store/hooks";
import { Button } from "../../ui/Button";
import { Progress } from "../../ui/Progress";
import { stopCollecting } from "./collecting";

/** Pages as they are read, with a way to stop: what has been read by then is kept. */
export function CollectProgress({ job }: { job: CollectJob }) {
  const dispatch = useAppDispatch();
  const { doing, of, outcomes } = job;
  const failed = outcomes.filter((one) => one.failed !== null).length;
  return (
    <section aria-label="Collecting" className="border border-rule bg-sheet px-4 py-2.5">
      <div className="flex items-center gap-3">
        <p role="status" className="figures">
          {doing} {of > 0 && `${outcomes.length} of ${of}`}
          {failed > 0 && <span className="text-plum">, {failed} not read</span>} …
        </p>
        {of > 0 && <Progress label="Pages read" value={outcomes.length} of={of} />}
        <span className="mr-auto" />
        <Button onClick={() => dispatch(stopCollecting(job.postId))}>Stop, and keep what is read</Button>
      </div>
      <ul className="mt-1 max-h-28 overflow-y-auto text-[13px] text-ink-2">
        {outcomes.toReversed().map(({ address, title, failed: why }) => (
          <li key={address} className="flex items-center gap-2">
            {why === null ? (
              <Check size={13} aria-hidden="true" />
            ) : (
              <X size={13} aria-hidden="true" className="text-plum" />
            )}
            <span className="truncate">
              {title} {why !== null && <span className="text-plum">{why}</span>}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
