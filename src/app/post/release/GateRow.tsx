import { OctagonAlert, Check as Tick } from "lucide-react";
import { useNavigate } from "react-router";
import type { Gate } from "../../../core/release/gates/registry";
import { Tooltip } from "../../ui/Tooltip";

/** One gate: passed or not, what is so, and the way to where it is put right. */
export function GateRow({ gate, readOnly, onClean }: { gate: Gate; readOnly: boolean; onClean: () => void }) {
  const navigate = useNavigate();
  const { stage, field } = gate.place;
  return (
    <li className="grid grid-cols-[1.25rem_minmax(0,1fr)_auto] items-baseline gap-x-2 border-b border-rule px-3 py-2 last:border-b-0">
      {gate.passed ? (
        <Tick size={15} aria-label="passed" className="translate-y-0.5 text-proof" />
      ) : (
        <OctagonAlert size={15} aria-label="not passed" className="translate-y-0.5 text-plum" />
      )}
      <div className="min-w-0">
        <p className={gate.passed ? "" : gate.warns ? "font-semibold" : "font-semibold text-plum"}>
          {gate.name}
        </p>
        <Tooltip says={gate.says} whenCut>
          <p className="truncate text-[13px] text-ink-2">{gate.says}</p>
        </Tooltip>
      </div>
      {!gate.passed && (
        <span className="flex gap-3 text-[13px]">
          {gate.remedy === "clean" && (
            <button type="button" className="quiet-link" disabled={readOnly} onClick={onClean}>
              Clean it
            </button>
          )}
          <button
            type="button"
            className="quiet-link"
            aria-label={`Go to the place of “${gate.name}”`}
            onClick={() =>
              void navigate(`../${stage}`, { relative: "path", state: field ? { goal: { field } } : null })
            }
          >
            Go
          </button>
        </span>
      )}
    </li>
  );
}
