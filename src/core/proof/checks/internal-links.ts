import { type Check, judged } from "../check";
import { plural } from "../evidence";
import { targetResolver } from "../linkTargets";

export const internalLinks: Check = {
  id: "internal-links",
  group: "links",
  name: "Links to own pages",
  effort: "minutes",
  place: "body",
  says: "The post links to other pages of the site: two or more, one for every 500 words. Links to the home page and to the post itself do not count.",
  judge(reading) {
    const { least, wordsPerLink } = reading.profile.checks["internal-links"];
    const target = targetResolver(reading);
    const found = reading.links.filter(({ link }) => target(link.href).kind === "internal").length;
    const wanted = Math.max(least, reading.words / wordsPerLink);
    const share = Math.min(1, found / wanted);
    return judged(
      share,
      `${plural(found, "link")} to own pages; ${Math.ceil(wanted)} ${share < 1 ? "would earn all" : "or more are enough"}.`,
      [],
      {
        formula: `${found} / max(${least}, ${reading.words} / ${wordsPerLink}) = ${(found / wanted).toFixed(3)}`,
      },
    );
  },
};
