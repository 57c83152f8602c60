import type { ListedFinding } from "../../data/model";

/** A share as a small block in the strip's own shapes. */
export function ShareSymbol({ finding }: { finding: Pick<ListedFinding, "state" | "share"> }) {
  const { state, share } = finding;
  const box =
    state === "set-aside"
      ? "border-edge fill-struck"
      : state === "waiting"
        ? "border-dashed border-edge"
        : state === "not-applicable"
          ? "border-transparent"
          : share > 0
            ? "border-proof"
            : "border-edge";
  return (
    <span
      className={`relative inline-block h-3 w-6 shrink-0 overflow-hidden rounded-[2px] border ${box}`}
      aria-hidden="true"
    >
      {state === "judged" && share > 0 && (
        <span
          className={`absolute inset-y-0 left-0 ${share > 0.999 ? "fill-earned" : "fill-partly"}`}
          style={{ width: `${share * 100}%` }}
        />
      )}
    </span>
  );
}
