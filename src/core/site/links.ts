/** Where the links of a post lead on its site: no reader is sent to a page that is not there, nor the long way over a redirect. */
import type { Block } from "../draft/draft";
import { perObject } from "../once";
import { samePath } from "./addresses";
import { idsOf, type PlacedPost, type SiteContext } from "./context";
import type { Redirect } from "./shapes";

export type Led =
  /** Elsewhere, or to a mail address: as it stands. */
  | { kind: "as-is"; href: string }
  /** To a page of the site. */
  | { kind: "page"; href: string }
  /** Nowhere. */
  | { kind: "nowhere"; says: string };

/** A path as an address has it: everything but letters, numbers and few signs by per cent (RFC 3986, 2.1). */
export const encodePath = (path: string): string =>
  path
    .split("/")
    .map((part) => encodeURIComponent(part))
    .join("/");

/** The address of a path, from anywhere on the site. */
export const hrefOf = ({ prefix }: Pick<SiteContext, "prefix">, path: string): string =>
  prefix + encodePath(path);
/** The whole address of a path. */
export const addressOf = (context: Pick<SiteContext, "origin" | "prefix">, path: string): string =>
  context.origin + hrefOf(context, path);

/** Addresses that a text links to, each once. */
export const hrefsIn = perObject((blocks: readonly Block[]): readonly string[] => {
  const hrefs = new Set<string>();
  for (const block of blocks) {
    for (const { link } of block.runs) if (link) hrefs.add(link.href);
    if ("link" in block && block.link) hrefs.add(block.link.href);
    if ("href" in block && typeof block.href === "string") hrefs.add(block.href);
  }
  return [...hrefs];
});

/**
 * Where redirects lead in the end, by where they come from: what another redirect gives up is followed, and rings lead nowhere.
 *
 * @param isPage whether a page stands at a path: it is no longer given up
 */
export function redirectEnds(
  redirects: readonly Redirect[],
  isPage: (path: string) => boolean,
): Map<string, { redirect: Redirect; to: string | null }> {
  const by = new Map(redirects.map((redirect) => [samePath(redirect.from), redirect]));
  const ends = new Map<string, { redirect: Redirect; to: string | null }>();
  for (const [from, redirect] of by) {
    if (isPage(redirect.from)) continue;
    const seen = new Set([from]);
    let to = redirect.to;
    while (!isPage(to) && by.has(samePath(to)) && !seen.has(samePath(to))) {
      seen.add(samePath(to));
      to = by.get(samePath(to))!.to;
    }
    ends.set(from, { redirect, to: isPage(to) ? to : null });
  }
  return ends;
}

/**
 * @param pages paths of all pages, by what a server takes for the same
 * @returns where an address leads, seen from a post
 */
export function linkLeader(
  context: SiteContext,
  pages: ReadonlyMap<string, string>,
): (href: string, from: PlacedPost) => Led {
  const ends = redirectEnds(context.redirects, (path) => pages.has(samePath(path)));
  const own = new Set([new URL(context.site.origin).host, new URL(context.origin).host]);
  return (href, from) => {
    const base = addressOf(context, from.path);
    if (href.trim() === "" || !URL.canParse(href, base))
      return { kind: "nowhere", says: `A link of “${from.post.title}” has no valid address: “${href}”.` };
    const url = new URL(href, base);
    if (!/^https?:$/.test(url.protocol) || !own.has(url.host)) return { kind: "as-is", href };
    const path = pathOf(url, context.prefix);
    const fragment = decoded(url.hash.slice(1));
    if (samePath(path) === samePath(from.path))
      return !fragment || idsOf(from.post).has(fragment)
        ? { kind: "page", href: fragment ? `#${encodeURIComponent(fragment)}` : hrefOf(context, from.path) }
        : {
            kind: "nowhere",
            says: `“${from.post.title}” links to a section that it does not have: “#${fragment}”.`,
          };
    const to = pages.get(samePath(path)) ?? ends.get(samePath(path))?.to ?? null;
    if (to === null)
      return { kind: "nowhere", says: `“${from.post.title}” links to ${path}, and there is no such page.` };
    const there = context.postAt(to);
    const section =
      fragment && (!there || idsOf(there.post).has(fragment)) ? `#${encodeURIComponent(fragment)}` : "";
    return { kind: "page", href: hrefOf(context, to) + url.search + section };
  };
}

function pathOf({ pathname }: URL, prefix: string): string {
  const path = decoded(pathname).replace(/\/index\.html?$/i, "/");
  return prefix && path.startsWith(`${prefix}/`) ? path.slice(prefix.length) : path;
}

function decoded(text: string): string {
  try {
    return decodeURIComponent(text);
  } catch {
    return text;
  }
}
