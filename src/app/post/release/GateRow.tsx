import { OctagonAlert, Check as Tick } from "lucide-react";
import { useNavigate } from "react-router";
import type { Gate, GateId } from "../../../core/release/gates";

/** Where each gate is opened. */
const PLACES: Record<GateId, { to: string; field?: string }> = {
  title: { to: "../write", field: "title" },
  keyword: { to: "../find" },
  description: { to: "../write", field: "description" },
  slug: { to: "../write", field: "slug" },
  "lead-picture": { to: "../write", field: "body" },
  "raw-paste": { to: "../write", field: "body" },
  leftovers: { to: "../write" },
  begun: { to: "../proof" },
};

/** One gate: open or shut, what is so, and the way to where it is opened. */
export function GateRow({ gate, readOnly, onClean }: { gate: Gate; readOnly: boolean; onClean: () => void }) {
  const navigate = useNavigate();
  const { to, field } = PLACES[gate.id];
  return (
    <li className="grid grid-cols-[1.25rem_minmax(0,1fr)_auto] items-baseline gap-x-2 border-b border-rule px-3 py-2 last:border-b-0">
      {gate.open ? (
        <Tick size={15} aria-label="open" className="translate-y-0.5 text-proof" />
      ) : (
        <OctagonAlert size={15} aria-label="shut" className="translate-y-0.5 text-plum" />
      )}
      <div className="min-w-0">
        <p className={gate.open ? "" : "font-semibold text-plum"}>{gate.name}</p>
        <p className="truncate text-[13px] text-ink-2" title={gate.says}>
          {gate.says}
        </p>
      </div>
      {!gate.open && (
        <span className="flex gap-3 text-[13px]">
          {gate.id === "raw-paste" && (
            <button type="button" className="quiet-link" disabled={readOnly} onClick={onClean}>
              Clean it
            </button>
          )}
          <button
            type="button"
            className="quiet-link"
            aria-label={`Go to the place of “${gate.name}”`}
            onClick={() => void navigate(to, { relative: "path", state: field ? { goal: { field } } : null })}
          >
            Go
          </button>
        </span>
      )}
    </li>
  );
}
