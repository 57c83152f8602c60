import { h } from "hastscript";
import type { Static } from "../../declare";
import * as is from "../../declare";
import { collapse, defineBlock, isElement, textOf } from "../kind";
import { text as anyText, id } from "../rules";
import { cleanAddress } from "../runs";
import { blockShape } from "../shape";

/** A page to go on to, with the title, description and picture that it had when it was read. */
const linkCardShape = blockShape(["linkCard"], {
  href: is.text(100_000),
  title: is.text(20_000),
  description: is.text(20_000),
  /** Named as a picture's `src`; empty for none. */
  picture: is.text(100_000),
});
export type LinkCardBlock = Static<typeof linkCardShape>;

/** The host that a card names under its title; empty for a page of the same site. */
export const hostOf = (href: string): string =>
  URL.canParse(href) ? new URL(href).host.replace(/^www\./, "") : "";

export const linkCard = defineBlock<LinkCardBlock>({
  shapes: [linkCardShape],
  htmlAllowed: { elements: ["aside"] },
  pageStyle:
    "\n[data-block=link-card]{display:flow-root;border:1px solid #c9ced3;border-radius:3px;padding:.8rem .9rem;margin:1.2rem 0}[data-block=link-card] img{float:inline-start;width:clamp(6rem,30%,9rem);height:6rem;object-fit:cover;margin-inline-end:.9rem}[data-block=link-card] p{margin:0 0 .3rem}[data-block=link-card] small{color:#54616c}",
  nodes: {
    linkCard: {
      group: "block",
      atom: true,
      attributes: { id, href: anyText(), title: anyText(), description: anyText(), picture: anyText() },
    },
  },
  addresses: { linkCard: { href: "link", picture: "picture" } },
  fromEditor: {
    linkCard({ attrs, push }) {
      const block: Omit<LinkCardBlock, "id" | "within"> = {
        kind: "linkCard",
        href: cleanAddress(textOf(attrs.href)),
        title: collapse(textOf(attrs.title)),
        description: collapse(textOf(attrs.description)),
        picture: cleanAddress(textOf(attrs.picture)),
        text: "",
        runs: [],
      };
      push(block);
    },
  },
  toEditor: {
    linkCard: ({ href, title, description, picture }) => [
      { type: "linkCard", attrs: { href, title, description, picture } },
    ],
  },
  fromMarkedHtml: {
    "link-card"(node, place, reader) {
      const lines = node.children.filter((child) => child.type === "element");
      const image = lines.find((child) => isElement(child, "img"));
      const [first, second] = lines.filter((child) => isElement(child, "p"));
      const link = first?.children.find((child) => isElement(child, "a"));
      if (!first || link?.type !== "element") return reader.block({ ...node, properties: {} }, place);
      reader.flush(place);
      reader.keepId(node);
      const block: Omit<LinkCardBlock, "id"> = {
        kind: "linkCard",
        href: cleanAddress(textOf(link.properties.href)),
        title: reader.caption(link).text,
        description: second ? reader.caption(second).text : "",
        picture: image ? cleanAddress(textOf(image.properties.src || image.properties.dataSrc)) : "",
        text: "",
        runs: [],
        within: place.within,
      };
      reader.push(block);
    },
  },
  toHtml: {
    linkCard({ href, title, description, picture }, { linkProperties, fileAddress }) {
      const host = hostOf(href);
      const line = (value: string) => h("p", {}, [{ type: "text", value } as const]);
      return h("aside", { dataBlock: "link-card" }, [
        // Beside the title, which is the link to the same page.
        ...(picture ? [h("img", { src: fileAddress({ src: picture }), alt: "" })] : []),
        h("p", {}, [h("a", linkProperties({ href }), [{ type: "text", value: title || href } as const])]),
        ...(description || host ? [line(description)] : []),
        ...(host ? [h("small", {}, [{ type: "text", value: host } as const])] : []),
      ]);
    },
  },
  toDocx: {
    linkCard: ({ href, title }) => ({
      style: "text",
      runs: [{ text: title || href, marks: [], link: { href } }],
    }),
  },
  words: { linkCard: () => false },
  links: {
    linkCard: ({ href, title }) => (href ? [{ link: { href }, text: title, start: 0, end: 0 }] : []),
  },
  says: { linkCard: ({ href, title, description }) => `[${href}] ${title}\n${description}` },
  files: { linkCard: ({ picture }) => (picture ? [picture] : []) },
});
