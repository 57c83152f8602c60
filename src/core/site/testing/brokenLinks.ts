/** Looks over a rendered site as a browser on its own host would: what of it leads nowhere. For tests. */
import { parseHTML } from "linkedom";
import { addressOf } from "../links";
import type { RenderedFiles } from "../render";

/** @param base scheme and host, with the path that the files stand under */
export function brokenLinks({ files }: RenderedFiles, base: string): string[] {
  const root = new URL(base);
  const prefix = root.pathname.replace(/\/+$/, "");
  const there = new Map(files.map((one) => [one.file, one]));
  const fileAt = (path: string) => {
    const name = decodeURIComponent(path)
      .slice(prefix.length)
      .replace(/^\/+|\/+$/g, "");
    return [name, `${name}/index.html`, name === "" ? "index.html" : name].find((each) => there.has(each));
  };
  const documents = new Map(
    files.flatMap((one) =>
      "text" in one && one.type === "text/html" ? [[one.file, parseHTML(one.text).document] as const] : [],
    ),
  );
  const broken: string[] = [];
  for (const [file, document] of documents) {
    const own = addressOf({ origin: root.origin, prefix }, `/${file.replace(/(^|\/)index\.html$/, "")}`);
    const hrefs = [...document.querySelectorAll("[href], [src]")].flatMap((element) => {
      const srcset = (element.getAttribute("srcset") ?? "")
        .split(", ")
        .map((one: string) => one.split(" ")[0]!);
      return [element.getAttribute("href"), element.getAttribute("src"), ...srcset];
    });
    for (const href of hrefs) {
      if (!href || !URL.canParse(href, own)) continue;
      const url = new URL(href, own);
      if (url.origin !== root.origin) continue;
      const to = fileAt(url.pathname);
      const fragment = decodeURIComponent(url.hash.slice(1));
      if (!to) broken.push(`${file}: ${href}`);
      else if (fragment && !documents.get(to)?.getElementById(fragment)) broken.push(`${file}: ${href}`);
    }
  }
  return broken;
}
