import { useState } from "react";
import type { Mending } from "../../../core/proof/mends/mending";
import { Button } from "../../ui/Button";
import { count, points } from "../../ui/figures";
import { Sheet } from "../../ui/Sheet";
import { applyMends } from "./applyMendings";
import { Lines } from "./MendPanel";

/** All that can be mended, to choose from; several are made as one step. */
export function MendSheet({ mendings, onClose }: { mendings: readonly Mending[]; onClose: () => void }) {
  // The best of each: alternatives are with their finding.
  const best = mendings.filter((one, i) => mendings.findIndex(({ mend }) => mend === one.mend) === i);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(
    new Set(best.filter(({ toCheck }) => !toCheck).map(({ mend }) => mend)),
  );
  const picked = best.filter(({ mend }) => chosen.has(mend));
  const gain = picked.reduce((sum, mending) => sum + mending.gain, 0);
  return (
    <Sheet title="Mend several" onClose={onClose}>
      <p className="mb-3 text-ink-2">
        Made one after the other, as one step that can be undone; a version is kept before. What two of them
        gain together can differ a little from the sum.
      </p>
      <ul className="border-t border-rule">
        {best.map((mending) => (
          <li key={mending.mend} className="border-b border-rule py-2">
            <label className="grid grid-cols-[1.25rem_minmax(0,1fr)_auto] gap-x-2">
              <input
                type="checkbox"
                className="mt-1"
                checked={chosen.has(mending.mend)}
                onChange={({ target }) => {
                  const next = new Set(chosen);
                  if (target.checked) next.add(mending.mend);
                  else next.delete(mending.mend);
                  setChosen(next);
                }}
              />
              <span>
                {mending.name}
                {mending.toCheck && (
                  <span className="text-[13px] text-plum"> · to be looked at afterwards</span>
                )}
              </span>
              <span className="figures font-semibold">+{points(mending.gain)}</span>
            </label>
            <div className="pl-7">
              <Lines mending={mending} />
            </div>
          </li>
        ))}
      </ul>
      <div className="mt-4 flex items-center gap-3">
        <Button
          kind="primary"
          disabled={!picked.length}
          onClick={() => {
            void applyMends([...chosen]);
            onClose();
          }}
        >
          Mend {count(picked.length, "thing")}
        </Button>
        <span className="figures text-ink-2">+{points(gain)} in sum</span>
      </div>
    </Sheet>
  );
}
