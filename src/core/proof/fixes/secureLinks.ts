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
      const found = reading.draft.blocks[block]!;
      const runs = found.runs.map((run) => {
        const now = run.link && link(run.link);
        return now === run.link ? run : { ...run, link: now! };
      });
      const made: Block = { ...found, runs };
      if (made.kind === "picture" && made.link) made.link = link(made.link);
      if (made.kind === "button") made.href = secured(made.href);
      if (
        runs.some((run, i) => run !== found.runs[i]) ||
        (made.kind === "picture" && found.kind === "picture" && made.link !== found.link)
      )
        blocks.set(block, [made]);
    }
    return lines.length && blocks.size ? [{ lines, change: { blocks } }] : [];
  },
};
