import { defineCheck, judged, notApplicable } from "../check";
import { atFault, MOST_EVIDENCE, ofLink, quoted } from "../evidence";
import { targetResolver } from "../linkTargets";

export const linkHealth = defineCheck({
  id: "link-health",
  weight: 1,
  group: "links",
  name: "Links that work",
  effort: "seconds",
  place: "body",
  says: "No link is empty, malformed or a script, points to a place that this page does not have, or to a page that this site does not have.",
  reads: ["links", "fragmentIds", "canonical", "slug"],
  judge(reading) {
    const { links, context } = reading;
    if (!links.length) return notApplicable("There are no links.");
    const target = targetResolver(reading);
    const broken = links.flatMap((link) => {
      const to = target(link.link.href);
      let why: string | null = null;
      if (to.kind === "broken") why = to.why;
      if (to.kind === "self" && to.fragment && !reading.fragmentIds().has(to.fragment))
        why = `points to #${to.fragment}, which is not on this page`;
      if (to.kind === "internal" && context.site.paths && !context.site.paths.has(to.path))
        why = "points to a page that this site does not have";
      return why ? [{ link, why }] : [];
    });
    if (!broken.length) return judged(1, "No link is broken.");
    const first = broken[0]!;
    const more = broken.length > 1 ? ` (and ${broken.length - 1} more)` : "";
    return judged(
      0,
      `The link ${quoted(first.link.text || first.link.link.href)} ${first.why}${more}.`,
      atFault(
        broken.slice(0, MOST_EVIDENCE).map(({ link }) => ofLink(link)),
        broken.length === 1 ? 1 : 0,
      ),
    );
  },
});
