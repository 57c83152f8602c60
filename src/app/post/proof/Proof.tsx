/** Proof: every finding with its evidence, what it is worth and what fixes it; beside it the result as a searcher will see it, and the competitors. */
import { ArrowLeftRight, Wrench } from "lucide-react";
import { useMemo, useState } from "react";
import { byWorth, counts, type Finding, hasGain } from "../../../core/proof/finding";
import { groups } from "../../../core/proof/groups";
import { shownGains } from "../../../core/proof/shownGains";
import { ReportMenu } from "../../reports/ReportMenu";
import { useSession } from "../../store/useSession";
import { Button } from "../../ui/Button";
import { count, points } from "../../ui/figures";
import { Segments } from "../../ui/Segments";
import { Term } from "../../ui/Term";
import { FixSheet } from "../fixing/FixSheet";
import { useFixes } from "../fixing/useFixes";
import { NextStage } from "../NextStage";
import { StripHead } from "../StripHead";
import { useOpenPost } from "../useOpenPost";
import { CompetitorsStrip } from "./CompetitorsStrip";
import { CompareSheet } from "./compare/CompareSheet";
import { useOthers } from "./compare/useOthers";
import { FindingRow } from "./FindingRow";
import { PathLine } from "./PathLine";
import { ResultPreview } from "./ResultPreview";
import { ScoreOverTime } from "./ScoreOverTime";
import { TextsToReview } from "./TextsToReview";
import { VoicePanel } from "./VoicePanel";
import { WhatIf } from "./WhatIf";

const ORDERS = { worth: "By worth", group: "By group" } as const;
type Order = keyof typeof ORDERS;

export function Proof() {
  const { post, report, competitors, readOnly } = useOpenPost("post", "report", "competitors", "readOnly");
  const { site, profile } = useSession("site", "profile");
  const [order, setOrder] = useState<Order>("worth");
  const [several, setSeveral] = useState(false);
  const [comparing, setComparing] = useState<string | true | null>(null);
  const [shown, setShown] = useState<string | null>(null);
  const fixes = useFixes();
  const others = useOthers();
  const parts = useMemo(() => (report ? arranged(report.findings, order) : []), [report, order]);
  if (!post || !report) {
    return (
      <p role="status" className="m-auto text-ink-2">
        Scoring …
      </p>
    );
  }
  const worth = byWorth(report.findings);
  const gains = shownGains(report.findings);
  const aside = report.findings.filter(({ state }) => state === "set-aside").length;
  const total = report.findings.filter(counts).reduce((sum, { weight }) => sum + weight, 0);
  const lost = report.findings.reduce(
    (sum, { excess = 0, weight }) => sum + (100 * excess * weight) / total,
    0,
  );
  const benchmark = competitors?.benchmark ?? null;
  const pages = others.filter(({ kind }) => kind === "page");
  const goTo = (id: string) => {
    const row = document.getElementById(`finding-${id}`);
    row?.scrollIntoView({ block: "start" });
    row?.focus({ preventScroll: true });
  };
  return (
    <div className="flex flex-1 flex-col">
      <StripHead />
      <div className="mx-auto grid w-full max-w-[1400px] grid-cols-[minmax(0,1fr)] gap-6 px-6 py-4 small:px-3 wide:max-w-[1760px] mid:grid-cols-[minmax(0,1fr)_480px]">
        <section aria-label="Ledger">
          <div className="mb-2 flex flex-wrap items-center gap-x-3 gap-y-2">
            <h2 className="font-serif text-xl">
              {points(report.score)} <span className="text-[14px] text-ink-2">of 100</span>
            </h2>
            <p className="text-[13px] text-ink-2">
              {worth.length ? (
                <>
                  {worth.length} <Term id="check">checks</Term> have something to gain
                </>
              ) : (
                "All points earned"
              )}
              {lost > 0.05 && `, ${points(lost)} lost to overuse`}
              {aside > 0 && `, ${aside} set aside`}. {report.notes.join(" ")}
            </p>
          </div>
          <PathLine onGo={goTo} />
          <TextsToReview />
          <div className="mb-2 flex flex-wrap items-center gap-2">
            <Segments label="Order of the ledger" options={ORDERS} value={order} onChange={setOrder} />
            <div className="ml-auto flex gap-2">
              <Button disabled={readOnly || !fixes?.length} onClick={() => setSeveral(true)}>
                <Wrench size={14} aria-hidden="true" />
                {!fixes
                  ? "Fix …"
                  : fixes.length
                    ? `Fix ${count(new Set(fixes.map(({ fix }) => fix)).size, "thing")}`
                    : "Nothing to fix"}
              </Button>
              <Button onClick={() => setComparing(true)}>
                <ArrowLeftRight size={14} aria-hidden="true" /> Compare
              </Button>
              <ReportMenu
                label="Report"
                make={async (format) => {
                  const { reportedPost, reportFile } = await import("../../reports/reportFiles");
                  const date = new Date().toISOString().slice(0, 10);
                  return reportFile(
                    { reports: [reportedPost(post, site, report, benchmark)], profile, date },
                    format,
                  );
                }}
              />
            </div>
          </div>
          <div className="border border-rule bg-sheet">
            {parts.map(({ name, sum, findings }) => (
              <section key={name} aria-label={name}>
                <h3 className="flex justify-between border-b border-rule bg-paper px-3 py-1 text-[13px]">
                  {name} <span className="figures font-normal text-ink-2">{sum}</span>
                </h3>
                <ul>
                  {findings.map((finding) => (
                    <FindingRow
                      key={finding.id}
                      finding={finding}
                      worthMost={finding.id === worth[0]?.id}
                      gain={gains.get(finding.id) ?? 0}
                      fixes={
                        hasGain(finding)
                          ? (fixes?.filter(({ checks }) => checks.includes(finding.id)) ?? [])
                          : []
                      }
                      total={total}
                    />
                  ))}
                </ul>
              </section>
            ))}
          </div>
          <NextStage from="proof" />
        </section>
        <aside
          aria-label="In a results list"
          className="flex flex-col gap-4 self-start mid:sticky mid:top-[calc(var(--shell-bar)+var(--post-bar)+var(--strip-bar)+16px)] mid:max-h-[calc(100vh-var(--shell-bar)-var(--post-bar)-var(--strip-bar)-28px)] mid:overflow-y-auto"
        >
          <ResultPreview tried={post.tries?.find(({ id }) => id === shown)} />
          <WhatIf shown={shown} onShow={setShown} />
          <VoicePanel />
          <section aria-label="Among competitors" className="border border-rule bg-sheet p-3">
            <h3 className="text-[13px]">Among competitors</h3>
            {competitors ? (
              <CompetitorsStrip
                pages={pages.map(({ id, name, score = 0 }) => ({ id, name, score }))}
                benchmark={benchmark}
                score={report.score}
                onCompare={() => setComparing(true)}
              />
            ) : (
              <p className="text-[13px] text-ink-2">
                No competing pages yet: collect the pages that rank in Plan, and their scores appear here.
              </p>
            )}
          </section>
          <ScoreOverTime now={report.score} onCompare={(id) => setComparing(id)} />
        </aside>
      </div>
      {several && fixes && <FixSheet fixes={fixes} onClose={() => setSeveral(false)} />}
      {comparing !== null && (
        <CompareSheet
          others={others}
          first={comparing === true ? null : comparing}
          onClose={() => setComparing(null)}
        />
      )}
    </div>
  );
}

interface Part {
  name: string;
  sum: string;
  findings: Finding[];
}

function arranged(findings: readonly Finding[], order: Order): Part[] {
  const gains = shownGains(findings);
  const gainOf = (members: readonly Finding[]) =>
    members.reduce((sum, { id }) => sum + (gains.get(id) ?? 0), 0);
  if (order === "group") {
    return groups
      .map(({ id, name }) => {
        const members = findings.filter((f) => f.group === id);
        const counted = members.filter(counts);
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
