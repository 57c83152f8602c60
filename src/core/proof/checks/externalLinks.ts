import { Type } from "@sinclair/typebox";
import { defineCheck, judged } from "../check";
import { plural } from "../evidence";
import { targetResolver } from "../linkTargets";
import { share } from "../thresholds";

const thresholds = Type.Object(
  {
    insecureShare: share(0.5, "Earned when all are plain http"),
  },
  { additionalProperties: false },
);

export const externalLinks = defineCheck({
  id: "external-links",
  weight: 2,
  thresholds,
  group: "links",
  name: "A link to another site",
  effort: "minutes",
  place: "body",
  says: "The post links to a source or two on other sites, over https.",
  reads: ["links", "canonical", "slug"],
  judge(reading, { insecureShare }) {
    const target = targetResolver(reading);
    const targets = reading.links.map(({ link }) => target(link.href)).filter((t) => t.kind === "external");
    const secure = targets.filter((t) => t.secure).length;
    if (secure) return judged(1, `${plural(secure, "link")} to other sites over https.`);
    if (!targets.length) return judged(0, "There are no links to other sites.");
    return judged(insecureShare, `${plural(targets.length, "link")} to other sites, all over plain http.`);
  },
});
