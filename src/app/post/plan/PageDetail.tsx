/** One competing page: what it says of itself, its headings as a tree, and its own report. */
import type { AnalysedPage } from "../../../core/benchmark/competitors";
import { byWorth } from "../../../core/proof/finding";
import type { CompetitorSource } from "../../../data/model";
import { count, points, whole } from "../../ui/figures";
import { ShareSymbol } from "../../ui/ShareSymbol";
import { WeightStrip } from "../../ui/WeightStrip";

export function PageDetail({ page, source }: { page: AnalysedPage; source: CompetitorSource }) {
  const { figures, headings, report, description, published, author, types } = page;
  const judged = report.findings.filter(({ state }) => state === "judged" || state === "waiting");
  const lost = byWorth(judged);
  const facts = [
    `${whole(figures.words)} words`,
    count(figures.headings, "heading"),
    `${count(figures.pictures, "picture")}, ${figures.picturesWithAlt} with alt text`,
    `${count(figures.linksIn, "link")} inside, ${figures.linksOut} out`,
    count(figures.questions, "question"),
    figures.ease === null ? "" : `reading ease ${whole(figures.ease)}`,
    author && `by ${author}`,
    published && `published ${published}`,
    types.length > 0 && `structured data: ${types.join(", ")}`,
  ].filter(Boolean);
  return (
    <div className="ml-8 mt-2 grid gap-x-8 gap-y-3 border-l-2 border-rule pl-4 mid:grid-cols-2">
      <div className="min-w-0 mid:col-span-2">
        <p className="break-words text-[13px] text-ink-2">{source.address}</p>
        <p>{description || <span className="text-ink-2">It has no description.</span>}</p>
        <p className="figures text-[13px] text-ink-2">{facts.join(" · ")}</p>
      </div>
      <section aria-label="Headings of the page" className="min-w-0">
        <h3 className="text-[13px] text-ink-2">Headings</h3>
        {headings.length ? (
          <ul>
            {headings.map(({ level, text }, i) => (
              <li
                key={`${i} ${text}`}
                className="flex gap-2 text-[13px]"
                style={{ paddingLeft: `${Math.max(0, level - 2) * 16}px` }}
              >
                <span className="figures text-ink-2">H{level}</span>
                <span className="min-w-0">{text}</span>
              </li>
            ))}
          </ul>
        ) : (
          <p className="text-[13px] text-ink-2">None.</p>
        )}
      </section>
      <div className="min-w-0">
        <h3 className="mb-1 text-[13px] text-ink-2">Its report: {points(report.score)} of 100</h3>
        <WeightStrip findings={report.findings} score={report.score} />
        <ul className="mt-1">
          {lost.map((finding) => (
            <li key={finding.id} className="flex items-start gap-2 text-[13px]">
              <span className="pt-0.5">
                <ShareSymbol finding={finding} />
              </span>
              <span className="min-w-0 flex-1">
                {finding.name}: <span className="text-ink-2">{finding.reason}</span>
              </span>
              <span className="figures whitespace-nowrap text-ink-2">
                {points(finding.share * finding.weight)} of {finding.weight}
              </span>
            </li>
          ))}
        </ul>
      </div>
    </div>
  );
}
