import { linksOf } from "../../blocks/runs";
import type { Block, Run } from "../../draft/draft";
import { compileKeyword } from "../../text/keyword";
import { findKeyword } from "../../text/match";
import { internalLinksThresholds } from "../checks/internalLinks";
import { targetResolver } from "../linkTargets";
import type { DraftReading } from "../reading/reading";
import { thresholdsIn } from "../thresholds";
import type { ChangedLine, FixRule } from "./fixRule";
import { slicedRuns } from "./parts";

/** Links phrases that the text already has to the posts that are about them. */
export const ownLinks: FixRule = {
  id: "own-links",
  check: "internal-links",
  name: "Link phrases to own posts",
  safe: false,
  suggest(reading, { targets }) {
    const { least, wordsPerLink } = thresholdsIn(reading.profile, "internal-links", internalLinksThresholds);
    const resolve = targetResolver(reading);
    const linked = new Set(reading.links.map(({ link }) => path(link.href)));
    const count = reading.links.filter(({ link }) => resolve(link.href).kind === "internal").length;
    let missing = Math.ceil(Math.max(least, reading.words / wordsPerLink)) - count;
    const lines: ChangedLine[] = [];
    const blocks = new Map<number, Block[]>();
    for (const { href, keyword, title } of targets) {
      if (missing <= 0) break;
      if (!keyword || linked.has(path(href)) || resolve(href).kind !== "internal") continue;
      const place = phrasePlace(reading, keyword, blocks);
      if (!place) continue;
      const { block, start, end } = place;
      const old = reading.draft.blocks[block]!;
      blocks.set(block, [{ ...old, runs: withLink(old.runs, old.text.length, start, end, href) }]);
      linked.add(path(href));
      lines.push({ before: old.text.slice(start, end), after: `${old.text.slice(start, end)} → ${title}` });
      missing--;
    }
    return lines.length ? [{ lines, change: { blocks } }] : [];
  },
};

const path = (href: string): string => href.replace(/[?#].*$/, "").replace(/\/$/, "");

/** Where a keyword first stands as written or in another form, outside headings and links, in a block that has no change yet. */
function phrasePlace(
  reading: DraftReading,
  keyword: string,
  taken: ReadonlyMap<number, unknown>,
): { block: number; start: number; end: number } | null {
  const compiled = compileKeyword(keyword, reading.pack);
  if (!compiled) return null;
  for (const { block, of, reading: text } of reading.prose.flat()) {
    if (taken.has(block)) continue;
    const links = linksOf(of.runs);
    for (const { form, start, end } of findKeyword(
      text.analysed,
      compiled,
      reading.profile.matching,
      reading.pack,
    ))
      if (
        (form === "exact" || form === "inflected") &&
        links.every((link) => link.end <= start || link.start >= end)
      )
        return { block, start, end };
  }
  return null;
}

const withLink = (runs: readonly Run[], length: number, start: number, end: number, href: string): Run[] => [
  ...slicedRuns(runs, 0, start),
  ...slicedRuns(runs, start, end).map((run) => ({ ...run, link: { href } })),
  ...slicedRuns(runs, end, length),
];
