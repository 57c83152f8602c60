import { useState } from "react";
import type { Fix, Pick } from "../../../core/proof/fixes/fix";
import { useAppDispatch } from "../../store/hooks";
import { useAskOrTell } from "../../store/useAskOrTell";
import { Button } from "../../ui/Button";
import { Checkbox } from "../../ui/Checkbox";
import { count, points } from "../../ui/figures";
import { Radio, RadioGroup } from "../../ui/Radio";
import { Sheet } from "../../ui/Sheet";
import { applyFixes, fixesTogether } from "./applyFixes";
import { FixFacts, Lines } from "./FixPanel";

/** All that can be fixed, to choose from; several are made as one step. */
export function FixSheet({ fixes, onClose }: { fixes: readonly Fix[]; onClose: () => void }) {
  const dispatch = useAppDispatch();
  const kinds = [...new Set(fixes.map(({ fix }) => fix))].map((fix) =>
    fixes.filter((one) => one.fix === fix),
  );
  const [chosen, setChosen] = useState<readonly Pick[]>(() =>
    kinds.flatMap(([best]) => (!best!.caution && !best!.toCheck ? [pickOf(best!)] : [])),
  );
  const together = useTogether(chosen);
  const spared = (fix: string) =>
    together !== null && chosen.some((pick) => pick.fix === fix) && !together.some((one) => one.fix === fix);
  return (
    <Sheet title="Fix several" onClose={onClose}>
      <p className="mb-3 text-ink-2">
        Applied one after the other, as one step you can undo; a version is kept first. Each gain is what the
        fix would bring alone; what the chosen ones gain together is below.
      </p>
      <ul className="border-t border-rule">
        {kinds.map((choices) => {
          const { fix } = choices[0]!;
          const others = chosen.filter((pick) => pick.fix !== fix);
          return (
            <Kind
              key={fix}
              choices={choices}
              picked={chosen.find((pick) => pick.fix === fix)}
              spared={spared(fix)}
              onPick={(pick) => setChosen(pick ? [...others, pick] : others)}
            />
          );
        })}
      </ul>
      <div className="mt-4 flex items-center gap-3">
        <Button
          kind="primary"
          disabled={!together?.length}
          onClick={() => {
            if (together) void dispatch(applyFixes(together));
            onClose();
          }}
        >
          {chosen.length && together?.length !== 0
            ? `Fix ${count(together?.length ?? chosen.length, "thing")}`
            : "Choose what to fix"}
        </Button>
        {together && together.length > 0 && (
          <span className="figures text-ink-2">
            +{points(together.reduce((sum, { gain }) => sum + gain, 0))} together
          </span>
        )}
      </div>
    </Sheet>
  );
}

const pickOf = ({ fix, lines }: Fix): Pick => ({ fix, after: lines[0]!.after });

interface KindProps {
  /** Alternatives of one fix, the best first. */
  choices: readonly Fix[];
  picked: Pick | undefined;
  /** Chosen, and the others leave nothing to do for it. */
  spared: boolean;
  onPick: (pick: Pick | null) => void;
}

/** One fix: a box to tick, and where there are several proposals, which of them. */
function Kind({ choices, picked, spared, onPick }: KindProps) {
  const [best] = choices as [Fix];
  const shown = choices.find(({ lines }) => lines[0]?.after === picked?.after) ?? best;
  return (
    <li className="border-b border-rule py-2">
      <label className="grid grid-cols-[1.25rem_minmax(0,1fr)_auto] gap-x-2">
        <Checkbox
          className="mt-1"
          checked={picked !== undefined}
          onChange={(checked) => onPick(checked ? pickOf(best) : null)}
        />
        <span>
          {best.name}
          {spared && <span className="text-[13px] text-ink-2"> · the others leave nothing to do here</span>}
          {best.toCheck && <span className="text-[13px] text-plum"> · to review afterwards</span>}
        </span>
        <span className="figures font-semibold">+{points(shown.gain)}</span>
      </label>
      <div className="pl-7">
        {choices.length === 1 ? (
          <>
            <Lines fix={best} />
            <FixFacts fix={best} />
          </>
        ) : (
          <>
            {best.lines[0]?.before && (
              <p className="mt-1 break-words text-[13px] text-ink-2 line-through decoration-rule">
                <span className="sr-only">Before: </span>
                {best.lines[0].before}
              </p>
            )}
            <RadioGroup
              label={`Proposals for “${best.name}”`}
              value={picked ? String(choices.indexOf(shown)) : ""}
              onChange={(place) => onPick(pickOf(choices[Number(place)]!))}
            >
              {choices.map((choice, place) => (
                <label
                  key={choice.lines[0]!.after}
                  className="mt-1 grid grid-cols-[1.25rem_minmax(0,1fr)] gap-x-1 text-[13px]"
                >
                  <Radio value={String(place)} className="mt-0.5" />
                  <span className="min-w-0 break-words">
                    {choice.lines[0]!.after}
                    <FixFacts fix={choice} />
                  </span>
                </label>
              ))}
            </RadioGroup>
          </>
        )}
      </div>
    </li>
  );
}

/** The chosen fixes, each as it is made on what those before it left; null until that is known. */
function useTogether(chosen: readonly Pick[]): readonly Fix[] | null {
  const dispatch = useAppDispatch();
  return useAskOrTell(() => dispatch(fixesTogether(chosen)), [chosen, dispatch], {
    otherwise: null,
    current: true,
  });
}
