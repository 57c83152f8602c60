import { earned, gainWords, grouped, type Out, type Reported, round, setAside, worthMost } from "./reported";

/**
 * The report as one HTML page that needs nothing else: for print, and to share with somebody who does not have the
 * application. No script, nothing loaded.
 */
export function reportHtml({ reports, profile, date }: Out): string {
  const title = reports.length === 1 ? `Proof of “${reports[0]!.name}”` : `Proof of ${reports.length} posts`;
  const overview =
    reports.length > 1
      ? `<table><thead><tr><th>Post<th class="n">Score<th class="n">Words<th>Best next step</thead><tbody>${reports
          .map((report, i) => {
            const next = worthMost(report.findings);
            return `<tr><td><a href="#post-${i + 1}">${escaped(report.name)}</a><td class="n">${round(report.score)}<td class="n">${report.words}<td>${next ? `${escaped(next.name)}, +${round(next.gain)}` : "nothing left"}`;
          })
          .join("")}</tbody></table>`
      : "";
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta http-equiv="Content-Security-Policy" content="default-src 'none'; style-src 'unsafe-inline'">
<title>${escaped(title)}</title>
<style>${STYLE}</style>
</head>
<body>
<main>
<h1>${escaped(title)}</h1>
<p class="quiet">${escaped(date)} · ${escaped(profile.name)}, version ${profile.version}</p>
${overview}
${reports.map((report, i) => onePost(report, i + 1, reports.length > 1)).join("\n")}
</main>
</body>
</html>
`;
}

function onePost(report: Reported, number: number, heading: boolean): string {
  const { benchmark, findings } = report;
  const facts = [
    report.keyword ? `target keyword “${escaped(report.keyword)}”` : "no target keyword",
    `${report.words} words, ${report.minutes} min`,
    ...(report.address ? [escaped(report.address)] : []),
    ...report.notes.map(escaped),
  ];
  const aside = setAside(findings);
  const gainOf = gainWords(findings);
  return `<section id="post-${number}">
${heading ? `<h2>${escaped(report.name)}</h2>` : ""}
<p class="score"><strong>${round(report.score)}</strong> of 100${
    benchmark
      ? ` <span class="quiet">competitors' average ${round(benchmark.average)}, best ${round(benchmark.best)}</span>`
      : ""
  }</p>
<p class="quiet">${facts.join(" · ")}</p>
${scale(report)}
${grouped(findings)
  .map(
    ({ name, findings: members }) => `<h3>${name}</h3>
<table><thead><tr><th>Check<th class="n">Earned<th class="n">To gain<th>Why</thead><tbody>${members
      .map(
        (f) =>
          `<tr><td>${escaped(f.name)}<td class="n">${earned(f)}<td class="n">${gainOf(f)}<td>${escaped(f.reason)}${quotes(f.evidence.map(({ quote }) => quote))}`,
      )
      .join("")}</tbody></table>`,
  )
  .join("\n")}
${aside.length ? `<h3>Set aside</h3><ul>${aside.map((f) => `<li>${escaped(f.name)}: ${escaped(f.reason)}</li>`).join("")}</ul>` : ""}
</section>`;
}

const MOST_QUOTES = 3;
const LONGEST_QUOTE = 120;
function quotes(all: readonly string[]): string {
  const shown = all.filter((quote) => quote.trim()).slice(0, MOST_QUOTES);
  if (!shown.length) return "";
  return `<br><i>${shown
    .map(
      (quote) =>
        `“<bdi>${escaped(quote.length > LONGEST_QUOTE ? `${quote.slice(0, LONGEST_QUOTE - 2)}…` : quote)}</bdi>”`,
    )
    .join(" · ")}</i>`;
}

/** Score, competitors' average and the best competitor on a scale of 0 to 100. */
function scale({ score, benchmark }: Reported): string {
  const tick = (at: number, dash: string) =>
    `<line x1="${at * 6}" x2="${at * 6}" y1="2" y2="18" stroke="#17212b" ${dash}/>`;
  return `<svg viewBox="0 0 600 20" width="600" height="20" role="img" aria-label="${round(score)} of 100"><rect y="6" width="600" height="8" fill="none" stroke="#d3dad8"/><rect y="6" width="${score * 6}" height="8" fill="#1d5c94"/>${
    benchmark
      ? tick(benchmark.average, 'stroke-dasharray="3 2"') + tick(benchmark.best, 'stroke-dasharray="1 2"')
      : ""
  }</svg>`;
}

const escaped = (text: string): string =>
  text.replaceAll("&", "&amp;").replaceAll("<", "&lt;").replaceAll(">", "&gt;").replaceAll('"', "&quot;");

const STYLE = `body{margin:0;background:#f3f5f4;color:#17212b;font:15px/1.5 system-ui,sans-serif}main{max-width:60rem;margin:0 auto;padding:2rem;background:#fff}
h1{font:600 1.7rem/1.2 Georgia,serif;margin:0}h2{font:600 1.3rem/1.2 Georgia,serif;margin:2.5rem 0 .3rem}h3{font-size:.95rem;margin:1.4rem 0 .3rem}
.quiet{color:#54616c}.score{font-size:1.1rem;margin:.6rem 0 0}.score strong{font-size:1.6rem}table{width:100%;border-collapse:collapse;font-size:.87rem}
th,td{text-align:left;vertical-align:top;padding:.3rem .6rem .3rem 0;border-bottom:1px solid #d3dad8}th{font-weight:600;color:#54616c}
.n{text-align:right;white-space:nowrap;font-variant-numeric:tabular-nums}svg{max-width:100%}a{color:#1d5c94}i{color:#54616c;font-family:Georgia,serif}
@media print{body,main{background:#fff;padding:0}section{break-inside:auto}tr{break-inside:avoid}h2,h3{break-after:avoid}}`;
