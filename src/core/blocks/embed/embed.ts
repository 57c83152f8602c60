import { h } from "hastscript";
import type { Static } from "../../declare";
import * as is from "../../declare";
import { mayPass } from "../../safety/addresses";
import { collapse, defineBlock, type HtmlHandler, isElement, textOf } from "../kind";
import { text as anyText, id } from "../rules";
import { cleanAddress } from "../runs";
import { blockShape } from "../shape";

/** Something from another address: a film, a sound, a map. */
const embedShape = blockShape(["embed"], {
  href: is.text(100_000),
  label: is.text(100_000),
  /** Picture that stands for it until it is asked for, named as a picture's `src`; empty for none. */
  poster: is.later(is.text()),
});
export type EmbedBlock = Static<typeof embedShape>;

/** A player needs its scripts and its own storage; it may neither lead the page elsewhere nor send its forms. */
const SANDBOX = ["allow-scripts", "allow-same-origin", "allow-popups", "allow-presentation"];

const read: HtmlHandler = (node, place, reader) => {
  reader.flush(place);
  reader.keepId(node);
  const source = node.children.find((child) => isElement(child, "source"));
  const href = cleanAddress(
    String(node.properties.src ?? (source?.type === "element" ? source.properties.src : undefined) ?? ""),
  );
  if (!href) return;
  const block: Omit<EmbedBlock, "id"> = {
    kind: "embed",
    href,
    label: collapse(String(node.properties.title ?? "")),
    poster: cleanAddress(String(node.properties.dataPoster ?? node.properties.poster ?? "")),
    text: "",
    runs: [],
    within: place.within,
  };
  reader.push(block);
};

export const embed = defineBlock<EmbedBlock>({
  shapes: [embedShape],
  htmlAllowed: { elements: ["iframe"], attributes: { iframe: ["src", "title", "dataPoster"] } },
  pageStyle: "\niframe{width:100%;aspect-ratio:16/9;border:0}",
  nodes: {
    embed: {
      group: "block",
      atom: true,
      attributes: { id, href: anyText(), label: anyText(), poster: anyText() },
    },
  },
  addresses: { embed: { href: { use: "embed", needed: true }, poster: "picture" } },
  fromEditor: {
    embed({ attrs, push }) {
      const block: Omit<EmbedBlock, "id" | "within"> = {
        kind: "embed",
        href: cleanAddress(textOf(attrs.href)),
        poster: cleanAddress(textOf(attrs.poster)),
        label: textOf(attrs.label),
        text: "",
        runs: [],
      };
      push(block);
    },
  },
  toEditor: {
    embed: ({ href, label, poster }) => [{ type: "embed", attrs: { href, label, poster } }],
  },
  fromHtml: { iframe: read, video: read, audio: read, embed: read },
  toHtml: {
    embed: ({ href, label, poster }, { fileAddress }) =>
      h("iframe", {
        // What is not on the list of what may pass is shown by nobody.
        ...(mayPass(href, "embed") && { src: href }),
        sandbox: SANDBOX,
        title: label || "Embedded content",
        loading: "lazy",
        ...(poster && { dataPoster: fileAddress({ src: poster }) }),
      }),
  },
  toMarkdown: { iframe: (_state, node, { html }) => html(node) },
  toDocx: {
    embed: ({ href, label }) => ({
      style: "text",
      runs: [{ text: label || href, marks: [], link: { href } }],
    }),
  },
  words: { embed: () => false },
  says: { embed: ({ href, label }) => `[${href}] ${label}` },
  links: { embed: () => [] },
});
