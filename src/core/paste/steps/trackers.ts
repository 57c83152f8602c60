/** Parameters of addresses that say where a reader came from: nobody wrote them, and they are no part of the page. */
import type { Root } from "hast";
import { visit } from "unist-util-visit";

/** Campaign parameters, click identifiers, and those of mailing programs. */
const TRACKER = /^(?:utm_\w+|\w{0,6}clid|mc_[ce]id|_hs\w+|mkt_tok|ck_subscriber_id|vero_id|oly_\w+_id)$/i;

/** @returns how many links lost something */
export function dropTrackers(tree: Root): number {
  let links = 0;
  visit(tree, "element", (node) => {
    if (node.tagName !== "a" || typeof node.properties.href !== "string") return;
    const without = withoutTrackers(node.properties.href);
    if (without === node.properties.href) return;
    node.properties.href = without;
    links++;
  });
  return links;
}

/** An address without its trackers; any other part of it is left to the letter. */
export function withoutTrackers(href: string): string {
  const parts = /^([^?#]*)\?([^#]*)(#.*)?$/s.exec(href);
  if (!parts) return href;
  const [, path = "", query = "", hash = ""] = parts;
  const all = query.split("&");
  const kept = all.filter((pair) => !TRACKER.test(pair.split("=")[0]!));
  if (kept.length === all.length) return href;
  return `${path}${kept.length ? `?${kept.join("&")}` : ""}${hash}`;
}
