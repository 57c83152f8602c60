import { Type } from "@sinclair/typebox";
import { MemoBy } from "../../memo";
import { defineCheck, judged } from "../check";
import { plural } from "../evidence";
import { targetResolver } from "../linkTargets";
import type { DraftParts, Grounds, LinkReading } from "../reading/reading";
import { amount } from "../thresholds";

export const internalLinksThresholds = Type.Object(
  {
    least: amount(2, { name: "Fewest links", unit: "links" }),
    wordsPerLink: amount(500, { name: "One link for every", unit: "words", least: 1 }),
  },
  { additionalProperties: false },
);

export const internalLinks = defineCheck({
  id: "internal-links",
  weight: 3,
  thresholds: internalLinksThresholds,
  group: "links",
  name: "Links to own pages",
  effort: "minutes",
  place: "body",
  says: ({ least, wordsPerLink }) =>
    `The post links to other pages of the site: ${least} or more, and one for every ${wordsPerLink} words. Links to the home page and to the post itself do not count.`,
  reads: ["links", "words", "canonical", "slug"],
  judge(reading, { least, wordsPerLink }) {
    const count = linksToOwnPages(reading);
    const enough = Math.max(least, reading.words / wordsPerLink);
    const share = Math.min(1, count / enough);
    return judged(
      share,
      `${plural(count, "link")} to own pages; ${Math.ceil(enough)} ${share < 1 ? "would earn all" : "or more are enough"}.`,
      [],
      {
        formula: `${count} / max(${least}, ${reading.words} / ${wordsPerLink}) = ${(count / enough).toFixed(3)}`,
      },
    );
  },
});

/** Counted once for the links that a text has: a key in its prose changes how many would be enough, and not where they lead. */
const counted = new MemoBy<readonly LinkReading[], number>();

function linksToOwnPages(reading: Grounds & Pick<DraftParts, "links" | "canonical" | "slug">): number {
  const { links, context, canonical, slug } = reading;
  return counted.get(links, [context, canonical, slug], () => {
    const target = targetResolver(reading);
    return links.filter(({ link }) => target(link.href).kind === "internal").length;
  });
}
