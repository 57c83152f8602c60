import { Type } from "@sinclair/typebox";
import { defineCheck, judged } from "../check";
import { plural } from "../evidence";
import { targetResolver } from "../linkTargets";
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
    const target = targetResolver(reading);
    const count = reading.links.filter(({ link }) => target(link.href).kind === "internal").length;
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
