/** What each gate does to a post that does not pass it. */

import type { GateLevel } from "../../core/release/gates/gate";
import { GATES, levelOf } from "../../core/release/gates/registry";
import { LEAST_SCORE } from "../posts/postGates";
import { changeSite } from "../store/changeSite";
import { useAppDispatch, useAppSelector } from "../store/hooks";
import { FieldLine } from "../ui/FieldLine";
import { Select } from "../ui/Select";
import { CommittedField } from "./CommittedField";

const LEVELS = [
  { value: "must", label: "Holds the post back" },
  { value: "warn", label: "Only says so" },
  { value: "off", label: "Off" },
] satisfies { value: GateLevel; label: string }[];

export function GatesSection() {
  const dispatch = useAppDispatch();
  const { gates = {}, leastScore = LEAST_SCORE } = useAppSelector((state) => state.session.site);
  const [must, warn, off] = LEVELS.map(
    ({ value }) => GATES.filter((gate) => levelOf(gate, gates) === value).length,
  );
  return (
    <div className="flex flex-col gap-2">
      <p className="text-[13px] text-ink-2">
        {must} hold a post back until they are passed or knowingly waived, {warn} only say so, {off} are off.
      </p>
      <div className="grid grid-cols-[minmax(0,1fr)_14rem] items-center gap-x-4 gap-y-1 small:grid-cols-1">
        {GATES.map((gate) => (
          <div key={gate.id} className="contents">
            <span id={`gate-${gate.id}`}>{gate.name}</span>
            <Select
              id={`level-${gate.id}`}
              label={gate.name}
              value={levelOf(gate, gates)}
              options={LEVELS}
              onChange={(level) =>
                void dispatch(changeSite({ gates: { ...gates, [gate.id]: level as GateLevel } }))
              }
            />
          </div>
        ))}
      </div>
      <FieldLine label="Least score" hint="For the gate “Score”, where it is not off.">
        {(id) => (
          <CommittedField
            id={id}
            inputMode="numeric"
            className="figures !w-32"
            value={String(leastScore)}
            fault={(text) =>
              /^\d{1,3}$/.test(text.trim()) && Number(text) <= 100
                ? null
                : "Enter a whole number from 0 to 100."
            }
            onCommit={(text) => void dispatch(changeSite({ leastScore: Number(text) }))}
          />
        )}
      </FieldLine>
    </div>
  );
}
