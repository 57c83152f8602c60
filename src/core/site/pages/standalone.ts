/**
 * A post as one standalone HTML page: head with title, description, canonical, Open Graph and JSON-LD (schema.org BlogPosting);
 * pictures embedded. Reading it back gives the same draft.
 */

import type { Element, ElementContent } from "hast";
import { h } from "hastscript";
import rehypeStringify from "rehype-stringify";
import { unified } from "unified";
import { BLOCK_KINDS } from "../../blocks/registry";
import type { Draft, PictureBlock } from "../../draft/draft";
import { blocksToHast } from "../../draft/toHast";
import { directionOf } from "../../text/direction";
import { faqPage } from "../parts/questionPairs";

export interface PageOptions {
  siteName: string;
  /** Address to write for a picture, as a rule its data: address. */
  fileAddress: (picture: Pick<PictureBlock, "src">) => string;
  /** File name of a picture that is embedded; empty for any other. */
  pictureName?: (src: string) => string;
}

/**
 * Where a picture that is embedded in the page is looked for when the page is shared: beside the page, under its file's name. Who
 * publishes the page puts it there.
 *
 * @param canonical address of the page
 * @returns empty where either is not known
 */
export const uploadAddress = (canonical: string, fileName: string): string =>
  fileName && /^https?:/i.test(canonical) && URL.canParse(canonical)
    ? new URL(encodeURIComponent(fileName), canonical).href
    : "";

const writer = unified().use(rehypeStringify, { omitOptionalTags: false });
const text = (value: string): ElementContent => ({ type: "text", value });
const meta = (name: string, content: string): Element | null =>
  content ? h("meta", { name, content }) : null;
const property = (name: string, content: string): Element | null =>
  content ? h("meta", { property: name, content }) : null;

/** "<" is written as an escape, so that no text can end the script element (JSON, RFC 8259 section 7). */
const structured = (data: object | null): Element | null =>
  data &&
  h("script", { type: "application/ld+json" }, [text(JSON.stringify(data).replaceAll("<", "\\u003c"))]);

/** Plain styles for a page that stands alone: readable, and nothing from elsewhere. */
const STYLE = `
body{margin:0 auto;max-width:42rem;padding:2rem 1.25rem;font:1.1rem/1.6 Georgia,serif;color:#17212b;background:#fff}
h1,h2,h3,h4{line-height:1.25;margin:2em 0 .5em}h1{margin-top:0;font-size:2rem}
h1,h2{clear:both}${BLOCK_KINDS.map(({ pageStyle = "" }) => pageStyle).join("")}
`;

/** Writes the page. Empty fields leave no tag behind. */
export function draftToPage(draft: Draft, options: PageOptions): string {
  const { meta: m } = draft;
  const searchTitle = m.metaTitle || m.title;
  const lead = draft.blocks.find((block): block is PictureBlock => block.kind === "picture");
  // Who shares a link fetches the picture from its address: one that is embedded in the page has none but where it will be put.
  const fetched = (src: string): { address: string; embedded: boolean } => {
    const address = options.fileAddress({ src });
    if (/^https?:/.test(address)) return { address, embedded: false };
    return { address: uploadAddress(m.canonical, options.pictureName?.(src) ?? ""), embedded: true };
  };
  const leadImage = lead && fetched(lead.src);
  const social = m.socialPicture ? fetched(m.socialPicture) : leadImage;
  const posting = {
    "@context": "https://schema.org",
    "@type": "BlogPosting",
    headline: m.title || searchTitle,
    ...(m.description && { description: m.description }),
    ...(m.canonical && { url: m.canonical, mainEntityOfPage: m.canonical }),
    ...(m.author && { author: { "@type": "Person", name: m.author } }),
    ...(m.date && { datePublished: m.date }),
    ...(leadImage?.address && { image: leadImage.address }),
    ...(m.category && { articleSection: m.category }),
    inLanguage: m.language,
    publisher: { "@type": "Organization", name: options.siteName },
  };
  const head = [
    h("meta", { charSet: "utf-8" }),
    h("meta", { name: "viewport", content: "width=device-width, initial-scale=1" }),
    h("title", m.titleSuffix ? { dataSuffix: m.titleSuffix } : {}, [text(searchTitle + m.titleSuffix)]),
    meta("description", m.description),
    meta("author", m.author),
    meta("keywords", [m.keyword, ...m.supporting].filter(Boolean).join(", ")),
    m.canonical ? h("link", { rel: ["canonical"], href: m.canonical }) : null,
    property("og:type", "article"),
    property("og:title", searchTitle),
    property("og:description", m.description),
    property("og:url", m.canonical),
    property("og:site_name", options.siteName),
    social?.address
      ? h("meta", {
          property: "og:image",
          content: social.address,
          ...(social.embedded && { dataUpload: "beside this page" }),
        })
      : null,
    property("article:published_time", m.date),
    property("article:section", m.category),
    ...m.tags.map((tag) => property("article:tag", tag)),
    structured(posting),
    structured(faqPage(draft.blocks)),
    h("style", {}, [text(STYLE)]),
  ].filter((node) => node !== null);
  const bodyHasH1 = draft.blocks.some((block) => block.kind === "heading" && block.level === 1);
  const header = m.title && !bodyHasH1 ? [h("header", {}, [h("h1", {}, [text(m.title)])])] : [];
  const blocks = blocksToHast(draft.blocks, {
    headingIds: true,
    fileAddress: options.fileAddress,
    keepFileNames: true,
    focusStyles: true,
  });
  const lined = [...header, ...blocks].flatMap((node) => [node, text("\n")]);
  const language = m.language || "en";
  const page = h("html", { lang: language, ...(directionOf(language) === "rtl" && { dir: "rtl" }) }, [
    text("\n"),
    h("head", {}, head.flatMap((node) => [text("\n"), node]).concat(text("\n"))),
    text("\n"),
    h("body", {}, [
      text("\n"),
      h("main", {}, [text("\n"), h("article", {}, [text("\n"), ...lined]), text("\n")]),
      text("\n"),
    ]),
    text("\n"),
  ]);
  return `<!doctype html>\n${writer.stringify({ type: "root", children: [page] })}\n`;
}
