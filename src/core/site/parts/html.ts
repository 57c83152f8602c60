/** Small parts of pages, and writing them. */
import type { Element, ElementContent } from "hast";
import { h } from "hastscript";
import rehypeStringify from "rehype-stringify";
import { unified } from "unified";
import { directionOf } from "../../text/direction";

const writer = unified().use(rehypeStringify, { omitOptionalTags: false });

/** Characters that neither HTML nor XML may hold (XML 1.0, 2.2), and halves of characters. */
// biome-ignore lint/suspicious/noControlCharactersInRegex: these are the characters meant
const UNFIT = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f-\u009f\ufdd0-\ufdef\ufffe\uffff]/g;

export const soundText = (value: string): string => value.replace(UNFIT, "").toWellFormed();
export const text = (value: string): ElementContent => ({ type: "text", value: soundText(value) });
export const meta = (name: string, content: string): Element | null =>
  content ? h("meta", { name, content: soundText(content) }) : null;
export const property = (name: string, content: string): Element | null =>
  content ? h("meta", { property: name, content: soundText(content) }) : null;

/** "<" is written as an escape, so that no text can end the script element (JSON, RFC 8259 section 7). */
export const structured = (data: object | null): Element | null =>
  data &&
  h("script", { type: "application/ld+json" }, [
    { type: "text", value: JSON.stringify(data).toWellFormed().replaceAll("<", "\\u003c") },
  ]);

export const isThere = <T>(value: T | null | undefined | false): value is T =>
  value !== null && value !== undefined && value !== false;

/** Each on a line of its own. */
export const lined = (nodes: readonly (ElementContent | null)[]): ElementContent[] =>
  nodes.filter(isThere).flatMap((node) => [node, text("\n")]);

/** A whole page. */
export function writeHtml(language: string, head: readonly (Element | null)[], body: Element): string {
  const lang = language.trim() || "en";
  const page = h("html", { lang, ...(directionOf(lang) === "rtl" && { dir: "rtl" }) }, [
    text("\n"),
    h("head", {}, [text("\n"), ...lined(head)]),
    text("\n"),
    body,
    text("\n"),
  ]);
  return `<!doctype html>\n${writer.stringify({ type: "root", children: [page] })}\n`;
}

/** A part of a page, as feeds carry it. */
export const writeFragment = (nodes: ElementContent[]): string =>
  writer.stringify({ type: "root", children: nodes });
