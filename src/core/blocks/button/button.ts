import { h } from "hastscript";
import type { Static } from "../../declare";
import * as is from "../../declare";
import { defineBlock, isElement, textOf } from "../kind";
import { text as anyText, id } from "../rules";
import { cleanAddress } from "../runs";
import { blockShape, type Run } from "../shape";

/** A link that stands alone and asks to be followed. */
const buttonShape = blockShape(["button"], { href: is.text(1_000_000) });
export type ButtonBlock = Static<typeof buttonShape>;

const withoutLink = ({ link: _link, ...run }: Run): Run => run;

export const button = defineBlock<ButtonBlock>({
  shapes: [buttonShape],
  pageStyle:
    "\n[data-block=button] a{display:inline-block;border-radius:3px;background:#1d5c94;color:#fff;padding:.35rem 1.2rem;text-decoration:none}",
  nodes: { button: { content: "text*", group: "block", attributes: { id, href: anyText() } } },
  addresses: { button: { href: "link" } },
  fromEditor: {
    button({ attrs, push, text }) {
      const href = cleanAddress(textOf(attrs.href));
      const { text: label, runs } = text();
      const block: Omit<ButtonBlock, "id" | "within"> = {
        kind: "button",
        href,
        text: label,
        runs: runs.map((run) => ({ ...run, link: { href } })),
      };
      push(block);
    },
  },
  toEditor: {
    button: ({ href, runs }, { withText }) => [
      withText({ type: "button", attrs: { href } }, runs.map(withoutLink)),
    ],
  },
  fromMarkedHtml: {
    button(node, place, reader) {
      reader.flush(place);
      reader.keepId(node);
      const link = node.children.find((child) => isElement(child, "a"));
      const { text, runs } = reader.caption(node);
      const href = cleanAddress(String((link?.type === "element" && link.properties.href) || ""));
      const block: Omit<ButtonBlock, "id"> = { kind: "button", href, text, runs, within: place.within };
      reader.push(block);
    },
  },
  toHtml: {
    button: ({ href, runs }, { inline, linkProperties }) =>
      h("p", { dataBlock: "button" }, [h("a", linkProperties({ href }), inline(runs.map(withoutLink)))]),
  },
  words: { button: () => false },
});
