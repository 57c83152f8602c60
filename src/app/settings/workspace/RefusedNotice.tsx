import type { Refused } from "../../../workers/filesApi";
import { Button } from "../../ui/Button";
import { Notice } from "../../ui/Notice";

interface Props {
  refused: Exclude<Refused, { kind: "newer" }>;
  /** Takes what is whole of a damaged file. */
  onTheRest: () => void;
  /** Goes on though no copy can be kept. */
  onWithoutCopy: () => void;
}

/** Why nothing was replaced, and what can be done. */
export function RefusedNotice({ refused, onTheRest, onWithoutCopy }: Props) {
  const faults = "faults" in refused ? refused.faults : [];
  return (
    <div className="mb-2">
      <Notice title={refused.message}>
        <p>Nothing was replaced: your workspace is unchanged.</p>
        <ul className="list-disc pl-5">
          {faults.map((fault) => (
            <li key={fault}>{fault}</li>
          ))}
        </ul>
        {refused.kind === "damaged" && (
          <p className="mt-2 flex items-center gap-3">
            <Button onClick={onTheRest}>Open the intact parts</Button>
            <span>What is listed here will be missing. A copy of your workspace is kept first.</span>
          </p>
        )}
        {refused.kind === "no-room" && (
          <p className="mt-2 flex items-center gap-3">
            <Button onClick={onWithoutCopy}>Replace without a copy</Button>
            <span>You will not be able to bring back what is here now.</span>
          </p>
        )}
      </Notice>
    </div>
  );
}
