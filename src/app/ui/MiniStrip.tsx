import { counts } from "../../core/proof/finding";
import type { ListedFinding } from "../../data/model";
import { groupedFindings } from "./groupedFindings";

/** The strip for lists: 6 px high, without words; what it says stands beside it as text. */
export function MiniStrip({ findings }: { findings: readonly ListedFinding[] }) {
  return (
    <span className="flex h-1.5 w-full gap-[3px]" aria-hidden="true">
      {groupedFindings(findings).map(({ id, members }) => {
        const weight = members.reduce((sum, f) => sum + f.weight, 0);
        return (
          <span key={id} className="flex gap-px" style={{ flexGrow: weight, flexBasis: 0 }}>
            {members.map((f) => (
              <span
                key={f.id}
                className={`relative overflow-hidden ${counts(f) ? "bg-rule" : "fill-struck"}`}
                style={{ flexGrow: f.weight, flexBasis: 0 }}
              >
                {f.share > 0 && (
                  <span
                    className={`absolute inset-y-0 left-0 ${f.share > 0.999 ? "fill-earned" : "fill-partly"}`}
                    style={{ width: `${f.share * 100}%` }}
                  />
                )}
              </span>
            ))}
          </span>
        );
      })}
    </span>
  );
}
