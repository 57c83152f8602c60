/**
 * The stand-in web: pages of invented sites, kept in demo/web/<host>/ as their authors wrote them, and put into each
 * site's frame (head, menu, boilerplate, footer) as they are served.
 */
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";

export interface WebSite {
  host: string;
  name: string;
  language: string;
  /** Menu entries: text and path. */
  menu: [string, string][];
  /** Standing text above and below what is written, as HTML. */
  above: string;
  below: string;
  footer: string;
  /** The picture that its pages are shared with: a file of the photo shelf; absent for none. */
  picture?: string;
  /** Element that holds the content; some sites have none but a div. */
  holder: "main" | "article" | "div";
}

export interface WebPage {
  site: WebSite;
  address: string;
  html: string;
}

/** Where a site has its picture. */
export const SITE_PICTURE = "/shared.jpg";

const HEAD = /^(?:\s*(?:<title>[\s\S]*?<\/title>|<script\b[\s\S]*?<\/script>|<(?:meta|link)\b[^>]*>))*/;

/** Reads all pages of a folder of sites, by host and path. @throws Error where a site has no site.json */
export function readWeb(folder: string): WebPage[] {
  return readdirSync(folder)
    .sort()
    .flatMap((host) => {
      const site = {
        host,
        ...(JSON.parse(readFileSync(join(folder, host, "site.json"), "utf8")) as Omit<WebSite, "host">),
      };
      return readdirSync(join(folder, host))
        .filter((name) => name.endsWith(".html"))
        .sort()
        .map((name) => ({
          site,
          address: `https://${host}/${name.replace(/\.html$/, "")}`,
          html: framed(site, readFileSync(join(folder, host, name), "utf8")),
        }));
    });
}

/** A page in its site's frame. What the page puts first of title, meta and data goes into the head. */
function framed(site: WebSite, source: string): string {
  const head = HEAD.exec(source)![0];
  const body = source.slice(head.length);
  const menu = site.menu.map(([text, path]) => `<li><a href="${path}">${text}</a></li>`).join("");
  return `<!doctype html>
<html lang="${site.language}">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
${head}${site.picture ? `\n<meta property="og:image" content="https://${site.host}${SITE_PICTURE}">` : ""}
</head>
<body>
<header><a href="/">${site.name}</a><nav><ul>${menu}</ul></nav></header>
${site.above}
<${site.holder}>
${body}</${site.holder}>
${site.below}
<footer>${site.footer}</footer>
</body>
</html>
`;
}
