/** The gates as a ladder: those not passed in full, those passed folded into a count. */
import { ChevronDown, ChevronRight } from "lucide-react";
import { useId, useState } from "react";
import { type Gate, holding } from "../../../core/release/gates/registry";
import { Checkbox } from "../../ui/Checkbox";
import { count } from "../../ui/figures";
import { Term } from "../../ui/Term";
import { GateRow } from "./GateRow";

interface Props {
  gates: readonly Gate[];
  readOnly: boolean;
  /** Those not passed are knowingly waived. */
  waived: boolean;
  onWaived: (waived: boolean) => void;
  onClean: () => void;
}

export function GateLadder({ gates, readOnly, waived, onWaived, onClean }: Props) {
  const open = holding(gates);
  const warned = gates.filter(({ passed, warns }) => !passed && warns);
  const passed = gates.filter((gate) => gate.passed);
  const [unfolded, setUnfolded] = useState(false);
  const list = useId();
  const row = (gate: Gate) => <GateRow key={gate.id} gate={gate} readOnly={readOnly} onClean={onClean} />;
  return (
    <section aria-label="Gates">
      <h2 className="mb-2 font-serif text-xl">
        {open.length ? (
          <>
            <Term id="gate">{count(open.length, "gate")}</Term> not passed
          </>
        ) : (
          <>
            All <Term id="gate">gates</Term> passed
          </>
        )}
      </h2>
      {open.length > 0 && (
        <>
          <ul className="border border-rule bg-sheet">{open.map(row)}</ul>
          <label className="mt-2 flex items-start gap-2 border-l-2 border-plum pl-2">
            <Checkbox className="mt-1" checked={waived} onChange={onWaived} />
            <span>
              I know that {count(open.length, "gate")} {open.length === 1 ? "is" : "are"} not passed, and
              publish or export anyway.
            </span>
          </label>
        </>
      )}
      {warned.length > 0 && (
        <>
          <h3 className="mb-1 mt-3 text-[13px] text-ink-2">To look at, without holding the post back</h3>
          <ul className="border border-rule bg-sheet">{warned.map(row)}</ul>
        </>
      )}
      {passed.length > 0 && (
        <>
          <button
            type="button"
            aria-expanded={unfolded}
            aria-controls={list}
            className="quiet-link mt-1.5 flex items-center gap-1 text-[13px]"
            onClick={() => setUnfolded(!unfolded)}
          >
            {unfolded ? (
              <ChevronDown size={14} aria-hidden="true" />
            ) : (
              <ChevronRight size={14} aria-hidden="true" />
            )}
            {count(passed.length, "gate")} passed
          </button>
          <ul id={list} hidden={!unfolded} className="mt-1.5 border border-rule bg-sheet">
            {passed.map(row)}
          </ul>
        </>
      )}
    </section>
  );
}
