/** Proof: every finding with its evidence and what it is worth, beside the result as a searcher will see it. */
import { useMemo, useState } from "react";
import { byWorth, type Finding } from "../../../core/proof/finding";
import { groups } from "../../../core/proof/groups";
import { points } from "../../ui/figures";
import { StripHead } from "../StripHead";
import { useOpenPost } from "../useOpenPost";
import { FindingRow } from "./FindingRow";
import { ResultPreview } from "./ResultPreview";

const ORDERS = { worth: "By worth", group: "By group" } as const;
type Order = keyof typeof ORDERS;

export function Proof() {
  const { post, report } = useOpenPost("post", "report");
  const [order, setOrder] = useState<Order>("worth");
  const parts = useMemo(() => (report ? arranged(report.findings, order) : []), [report, order]);
  if (!post || !report) {
    return (
      <p role="status" className="m-auto text-ink-2">
        Scoring …
      </p>
    );
  }
  const worth = byWorth(report.findings);
  const aside = report.findings.filter(({ state }) => state === "set-aside").length;
  return (
    <div className="flex flex-1 flex-col">
      <StripHead />
      <div className="mx-auto grid w-full max-w-[1400px] grid-cols-[minmax(0,1fr)] gap-6 px-6 py-4 mid:grid-cols-[minmax(0,1fr)_480px]">
        <section aria-label="Ledger">
          <div className="mb-2 flex flex-wrap items-baseline gap-x-4 gap-y-1">
            <h2 className="font-serif text-xl">
              {points(report.score)} <span className="text-[14px] text-ink-2">of 100</span>
            </h2>
            <p className="text-[13px] text-ink-2">
              {worth.length ? `${worth.length} checks have something to gain` : "Everything is earned"}
              {aside > 0 && `, ${aside} set aside`}. {report.languageNote}
            </p>
            <fieldset className="ml-auto flex">
              <legend className="sr-only">Order of the ledger</legend>
              {(Object.keys(ORDERS) as Order[]).map((id) => (
                <label
                  key={id}
                  className={`flex h-8 cursor-pointer items-center border border-edge px-3 first-of-type:rounded-l last-of-type:rounded-r last-of-type:border-l-0 has-focus-visible:outline-2 has-focus-visible:outline-proof ${
                    order === id ? "bg-proof-wash font-semibold text-proof" : "bg-sheet"
                  }`}
                >
                  <input
                    type="radio"
                    name="order"
                    className="sr-only"
                    checked={order === id}
                    onChange={() => setOrder(id)}
                  />
                  {ORDERS[id]}
                </label>
              ))}
            </fieldset>
          </div>
          <div className="border border-rule bg-sheet">
            {parts.map(({ name, sum, findings }) => (
              <section key={name} aria-label={name}>
                <h3 className="flex justify-between border-b border-rule bg-paper px-3 py-1 text-[13px]">
                  {name} <span className="figures font-normal text-ink-2">{sum}</span>
                </h3>
                <ul>
                  {findings.map((finding) => (
                    <FindingRow key={finding.id} finding={finding} worthMost={finding.id === worth[0]?.id} />
                  ))}
                </ul>
              </section>
            ))}
          </div>
        </section>
        <aside aria-label="In a results list" className="self-start mid:sticky mid:top-[204px]">
          <ResultPreview />
        </aside>
      </div>
    </div>
  );
}

interface Part {
  name: string;
  sum: string;
  findings: Finding[];
}

function arranged(findings: readonly Finding[], order: Order): Part[] {
  const gainOf = (members: readonly Finding[]) => members.reduce((sum, f) => sum + f.gain, 0);
  if (order === "group") {
    return groups
      .map(({ id, name }) => {
        const members = findings.filter((f) => f.group === id);
        const counted = members.filter((f) => f.state === "judged" || f.state === "waiting");
        const earned = counted.reduce((sum, f) => sum + f.share * f.weight, 0);
        return {
          name,
          sum: `${points(earned)} of ${counted.reduce((sum, f) => sum + f.weight, 0)}`,
          findings: members,
        };
      })
      .filter(({ findings: members }) => members.length);
  }
  const open = byWorth(findings);
  const rest = findings.filter((f) => !open.includes(f));
  const earned = rest.filter((f) => f.state === "judged");
  const other = rest.filter((f) => f.state !== "judged");
  return [
    { name: "To gain", sum: `+${points(gainOf(open))}`, findings: open },
    { name: "Earned", sum: String(earned.length), findings: earned },
    { name: "Not counted", sum: String(other.length), findings: other },
  ].filter((part) => part.findings.length);
}
