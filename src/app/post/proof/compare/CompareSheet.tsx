/** Compare: the post beside a competing page, an earlier version of itself or another post, check by check. */

import { useMemo, useState } from "react";
import { compareReports } from "../../../../core/proof/compare";
import { useAsk } from "../../../store/useAsk";
import { Failed } from "../../../ui/Failed";
import { points } from "../../../ui/figures";
import { LabelledSelect } from "../../../ui/Select";
import { ShareSymbol } from "../../../ui/ShareSymbol";
import { Sheet } from "../../../ui/Sheet";
import { useOpenPost } from "../../useOpenPost";
import type { Other } from "./others";

const KINDS = [
  { kind: "page", name: "Competing pages" },
  { kind: "version", name: "Earlier versions" },
  { kind: "post", name: "Other posts" },
] as const;

interface Props {
  others: readonly Other[];
  /** The one to begin with. */
  first: string | null;
  onClose: () => void;
}

export function CompareSheet({ others, first, onClose }: Props) {
  const { report } = useOpenPost("report");
  const [chosen, setChosen] = useState(first ?? others[0]?.id ?? "");
  const other = others.find(({ id }) => id === chosen);
  const scored = useAsk(async () => (other ? { of: other, report: await other.report() } : null), [other]);
  const theirs = scored.state === "ready" && scored.value?.of === other ? scored.value?.report : null;
  const rows = useMemo(
    () => (report && theirs ? compareReports(theirs.findings, report.findings) : []),
    [report, theirs],
  );
  if (!report) return null;
  const moved = rows.filter(({ difference }) => Math.abs(difference) > 0.005);
  return (
    <Sheet title="Compare" wide onClose={onClose}>
      {!others.length ? (
        <p className="text-ink-2">
          There is nothing to compare with yet: no competing pages collected in Plan, no earlier version, and
          no other post.
        </p>
      ) : (
        <>
          <div className="mb-3">
            <LabelledSelect
              label="This post with"
              className="!w-auto max-w-[36rem]"
              value={chosen}
              onChange={setChosen}
              options={KINDS.map(({ kind, name }) => ({
                group: name,
                options: others
                  .filter((one) => one.kind === kind)
                  .map(({ id, name: title }) => ({ value: id, label: title })),
              })).filter(({ options }) => options.length)}
            />
          </div>
          {scored.state === "failed" ? (
            <Failed
              what="It could not be scored"
              why={scored.why}
              safe="Your post is unchanged."
              onRetry={scored.retry}
            />
          ) : !theirs ? (
            <p role="status" className="text-ink-2">
              Scoring …
            </p>
          ) : (
            <>
              <p className="figures mb-2 text-[15px]" role="status">
                {other?.earlier
                  ? `From ${points(theirs.score)} to ${points(report.score)}: ${moved.length ? "what moved the score, most first." : "nothing has moved."}`
                  : `${points(report.score)} here, ${points(theirs.score)} there: what differs most first.`}
              </p>
              <table className="figures w-full text-[13px]">
                <thead>
                  <tr className="border-b border-rule text-left text-ink-2">
                    <th className="py-1 font-normal">Check</th>
                    <th className="w-[31%] py-1 font-normal">{other?.earlier ? "Then" : "There"}</th>
                    <th className="w-[31%] py-1 font-normal">{other?.earlier ? "Now" : "Here"}</th>
                    <th className="py-1 pl-2 text-right font-normal">Points</th>
                  </tr>
                </thead>
                <tbody>
                  {rows.map(({ id, name, before, after, difference }) => (
                    <tr key={id} className="border-b border-rule align-top">
                      <th scope="row" className="py-1.5 pr-2 text-left font-semibold">
                        {name}
                      </th>
                      <Cell finding={before} />
                      <Cell finding={after} />
                      <td className={`py-1.5 pl-2 text-right ${difference < -0.05 ? "text-plum" : ""}`}>
                        {Math.abs(difference) < 0.05
                          ? ""
                          : `${difference > 0 ? "+" : "−"}${points(Math.abs(difference))}`}
                      </td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </>
          )}
        </>
      )}
    </Sheet>
  );
}

type Side = ReturnType<typeof compareReports>[number]["before"];

function Cell({ finding }: { finding: Side }) {
  if (!finding) return <td className="py-1.5 text-ink-2">not judged</td>;
  const { state, share, weight, reason } = finding;
  return (
    <td className="py-1.5 pr-3">
      <span className="flex items-baseline gap-2">
        <ShareSymbol finding={finding} />
        <span className="min-w-0">
          {state === "judged" ? `${points(share * weight)} of ${weight}` : state.replaceAll("-", " ")}
          <span className="block text-[12px] text-ink-2">{reason}</span>
        </span>
      </span>
    </td>
  );
}
