/** What a link points to, seen from the page it stands on (URL Standard; RFC 3986 section 5). */
import { slugOf } from "../text/slug";
import type { DraftParts, Grounds } from "./reading/reading";

export type Target =
  /** Another page of this site. */
  | { kind: "internal"; path: string; fragment: string }
  /** This page, or a place in it. */
  | { kind: "self"; fragment: string }
  | { kind: "home" }
  | { kind: "external"; secure: boolean }
  /** Mail, telephone and the like. */
  | { kind: "contact" }
  | { kind: "broken"; why: string };

const SCHEME = /^[a-z][a-z0-9+.-]*:/i;
const SCRIPT = /^(javascript|vbscript|data|file|blob):/i;
const CONTACT = /^(mailto|tel|sms|callto):/i;
const bareHost = (host: string) => host.toLowerCase().replace(/^www\./, "");
const cleanPath = (path: string) => path.replace(/\/(index\.html?)?$/i, "") || "/";

/** Resolves addresses as a browser on the post's own page would. */
export function targetResolver(
  reading: Grounds & Pick<DraftParts, "canonical" | "slug">,
): (href: string) => Target {
  const { context, canonical } = reading;
  const { site } = context;
  const slug = reading.slug?.text ?? "";
  const own = URL.canParse(canonical) ? new URL(canonical) : null;
  const host = bareHost(site.host || own?.host || "");
  const base = own?.href ?? `https://${host || "site.invalid"}/`;

  const memory = reading.memory<Target>("target", base, host, slug, own !== null);
  return (href) => memory.get(href, () => resolve(href));

  function resolve(href: string): Target {
    // biome-ignore lint/suspicious/noControlCharactersInRegex: browsers drop these inside addresses, and so do attacks
    const bare = href.replace(/[\u0000-\u0020]+/g, (blank, at: number) =>
      at === 0 || at + blank.length === href.length ? "" : blank === " " ? " " : "",
    );
    if (!bare) return { kind: "broken", why: "is empty" };
    if (SCRIPT.test(bare)) return { kind: "broken", why: "runs a script or opens data" };
    if (CONTACT.test(bare))
      return /^\w+:.+/.test(bare) ? { kind: "contact" } : { kind: "broken", why: "is empty" };
    if (bare.startsWith("#")) return { kind: "self", fragment: decode(bare.slice(1)) };
    if (SCHEME.test(bare) && !/^https?:/i.test(bare)) return { kind: "contact" };
    if (
      /\s/.test(bare) ||
      /^https?:\/*$/i.test(bare) ||
      /^https?:(?!\/\/)/i.test(bare) ||
      !URL.canParse(bare, base)
    ) {
      return { kind: "broken", why: "is not a valid address" };
    }
    const url = new URL(bare, base);
    const absolute = SCHEME.test(bare) || bare.startsWith("//");
    if (absolute && bareHost(url.host) !== host) {
      if (!isHost(url.hostname)) return { kind: "broken", why: "is not a valid address" };
      return { kind: "external", secure: url.protocol === "https:" };
    }
    const path = cleanPath(url.pathname);
    const fragment = decode(url.hash.slice(1));
    if (own && path === cleanPath(own.pathname)) return { kind: "self", fragment };
    if (!own && slug && !absolute && slugOf(url.pathname) === slug) return { kind: "self", fragment };
    return path === "/" ? { kind: "home" } : { kind: "internal", path, fragment };
  }
}

/** A host that could exist: dotted name, localhost or an address in figures. */
function isHost(hostname: string): boolean {
  return (
    hostname === "localhost" ||
    hostname.startsWith("[") ||
    /^[^.\s]+(\.[^.\s]+)+$/.test(hostname.replace(/\.$/, ""))
  );
}

function decode(fragment: string): string {
  try {
    return decodeURIComponent(fragment);
  } catch {
    return fragment;
  }
}
