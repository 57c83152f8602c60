/** Prints what the fixes propose for titles and descriptions of packages' documents, for a person to judge: `npm run evaluate:fixes`. */
import { proposedFixes } from "../bench/fixProposals";

const all = proposedFixes();
for (const { document, kind, before, proposals } of all) {
  console.log(`\n${document} · ${kind}${before ? `\n    ${before}` : ""}`);
  for (const { after, source, caution } of proposals)
    console.log(`  ${caution ? " " : "x"} ${after}   [${source}${caution ? `; ${caution}` : ""}]`);
}
for (const kind of ["title", "description"] as const) {
  const of = all.filter((one) => one.kind === kind);
  const ticked = of.filter(({ proposals }) => proposals[0] && !proposals[0].caution).length;
  const offered = of.filter(({ proposals }) => proposals.length).length;
  console.log(
    `\n${kind}: ${of.length} documents, ${offered} with proposals, ${ticked} with one that is ticked`,
  );
}
