import { groups } from "../../core/proof/groups";
import type { ListedFinding } from "../../data/model";

const shown = (findings: readonly ListedFinding[]) =>
  findings.filter((f) => f.state !== "not-applicable" && f.weight > 0);

/** What a strip shows: the checks that count for this text, by the groups that have any. */
export function groupedFindings(findings: readonly ListedFinding[]) {
  return groups
    .map((group) => ({ ...group, members: shown(findings).filter((f) => f.group === group.id) }))
    .filter(({ members }) => members.length);
}
