import { useEffect, useState } from "react";
import type { Mending } from "../../../core/proof/mends/mending";
import { readOnScreen } from "../../ui/attemptRead";
import { Button } from "../../ui/Button";
import { count, points } from "../../ui/figures";
import { Sheet } from "../../ui/Sheet";
import { applyMendings, mendingsTogether } from "./applyMendings";
import { Lines } from "./MendPanel";

/** All that can be mended, to choose from; several are made as one step. */
export function MendSheet({ mendings, onClose }: { mendings: readonly Mending[]; onClose: () => void }) {
  // The best of each: alternatives are with their finding.
  const best = mendings.filter((one, i) => mendings.findIndex(({ mend }) => mend === one.mend) === i);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(
    new Set(best.filter(({ toCheck }) => !toCheck).map(({ mend }) => mend)),
  );
  const together = useTogether(chosen);
  const spared = (mend: string) =>
    together !== null && chosen.has(mend) && !together.some((one) => one.mend === mend);
  return (
    <Sheet title="Mend several" onClose={onClose}>
      <p className="mb-3 text-ink-2">
        Made one after the other, as one step that can be undone; a version is kept before. What each gains is
        said as if it were made alone; what all chosen gain together is below.
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
                {spared(mending.mend) && (
                  <span className="text-[13px] text-ink-2"> · the others leave nothing to do here</span>
                )}
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
          disabled={!together?.length}
          onClick={() => {
            if (together) void applyMendings(together);
            onClose();
          }}
        >
          Mend {count(together?.length ?? chosen.size, "thing")}
        </Button>
        {together && (
          <span className="figures text-ink-2">
            +{points(together.reduce((sum, { gain }) => sum + gain, 0))} together
          </span>
        )}
      </div>
    </Sheet>
  );
}

/** The chosen mends, each as it is made on what those before it left; null until that is known. */
function useTogether(chosen: ReadonlySet<string>): readonly Mending[] | null {
  const [together, setTogether] = useState<{ of: ReadonlySet<string>; made: readonly Mending[] } | null>(
    null,
  );
  useEffect(() => {
    let live = true;
    readOnScreen(() =>
      mendingsTogether([...chosen]).then((made) => {
        if (live) setTogether({ of: chosen, made });
      }),
    );
    return () => {
      live = false;
    };
  }, [chosen]);
  return together?.of === chosen ? together.made : null;
}
