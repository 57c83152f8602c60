/** How a finding's points came about: the formula with its numbers, the thresholds in force and who set them. */
import type { Finding } from "../../../core/proof/finding";
import { defaultProfile } from "../../../core/proof/profile";
import { checks } from "../../../core/proof/registry";
import { fieldsOf, inWords } from "../../../core/proof/thresholdFields";
import { valueAt } from "../../../core/valueAt";
import { useAppSelector } from "../../store/hooks";
import { points } from "../../ui/figures";

export function Workings({
  finding,
  total,
}: {
  finding: Finding /** Sum of the weights that count. */;
  total: number;
}) {
  const profile = useAppSelector((state) => state.session.profile);
  const { id, says, formula, state, share, weight, gain, excess = 0 } = finding;
  const house = defaultProfile.checks[id];
  const own = profile.checks[id];
  const declared = checks.find((check) => check.id === id)?.thresholds;
  const changed = JSON.stringify(own) !== JSON.stringify(house);
  return (
    <div className="mt-1 border-l-2 border-rule pl-3 text-[13px]">
      <p className="py-1">{says}</p>
      <dl className="figures grid grid-cols-[auto_minmax(0,1fr)] gap-x-3 gap-y-0.5">
        {formula && <Line name="Share" says={formula} />}
        {state === "judged" && (
          <Line
            name="Earned"
            says={`${share.toFixed(3)} · ${weight} = ${(share * weight).toFixed(2)} of ${weight}${excess > 0 ? `, ${(excess * weight).toFixed(2)} of it lost to overuse` : ""}`}
          />
        )}
        {gain > 0 && (
          <Line
            name="Gain"
            says={`100 · ${weight} · (1 − ${share.toFixed(3)}) / ${points(total)} = ${gain.toFixed(2)}`}
          />
        )}
        {declared &&
          fieldsOf(declared).map((field) => (
            <Line
              key={field.path.join(".")}
              name={field.label}
              says={inWords(valueAt(own, field.path) as number | string, field)}
            />
          ))}
        <Line
          name="Set by"
          says={`${profile.name}, version ${profile.version}${changed ? "; differs from the default profile" : ""}`}
        />
      </dl>
    </div>
  );
}

function Line({ name, says }: { name: string; says: string }) {
  return (
    <>
      <dt className="text-ink-2">{name}</dt>
      <dd className="min-w-0 break-words">{says}</dd>
    </>
  );
}
