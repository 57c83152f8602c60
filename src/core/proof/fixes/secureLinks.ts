import type { Block, Link } from "../../draft/draft";
import { targetResolver } from "../linkTargets";
import type { ChangedLine, FixRule } from "./fixRule";

const PLAIN = /^http:\/\//i;

/** Links to other sites over plain http are written with https. */
export const secureLinks: FixRule = {
  id: "secure-links",
  check: "external-links",
  name: "https for http",
  safe: true,
  tidies: true,
  suggest(reading) {
    const target = targetResolver(reading);
    const lines: ChangedLine[] = [];
    const secured = (href: string): string => {
      if (!PLAIN.test(href) || target(href).kind !== "external") return href;
      const after = href.replace(PLAIN, "https://");
      if (!lines.some(({ before }) => before === href)) lines.push({ before: href, after });
      return after;
    };
    const link = (old: Link): Link => {
      const href = secured(old.href);
      return href === old.href ? old : { ...old, href };
    };
    const blocks = new Map<number, Block[]>();
    for (const block of new Set(reading.links.map((one) => one.block))) {
      const insecure = reading.draft.blocks[block]!;
      const runs = insecure.runs.map((run) => {
        const now = run.link && link(run.link);
        return now === run.link ? run : { ...run, link: now! };
      });
      const changed: Block = { ...insecure, runs };
      if (changed.kind === "picture" && changed.link) changed.link = link(changed.link);
      if (changed.kind === "button") changed.href = secured(changed.href);
      if (
        runs.some((run, i) => run !== insecure.runs[i]) ||
        (changed.kind === "picture" && insecure.kind === "picture" && changed.link !== insecure.link)
      )
        blocks.set(block, [changed]);
    }
    return lines.length && blocks.size ? [{ lines, change: { blocks } }] : [];
  },
};
