import { h } from "hastscript";
import type { Static } from "../../declare";
import * as is from "../../declare";
import { defineBlock, type HtmlHandler } from "../kind";
import { id, whole } from "../rules";
import { type BlockBase, blockShape } from "../shape";

export type HeadingLevel = 1 | 2 | 3 | 4 | 5 | 6;
const headingShape = blockShape(["heading"], { level: is.oneOf([1, 2, 3, 4, 5, 6]) });
export type HeadingBlock = Static<typeof headingShape>;

export const isHeading = (block: BlockBase): block is HeadingBlock => block.kind === "heading";

const read: HtmlHandler = (node, place, reader) => {
  reader.flush(place);
  reader.keepId(node);
  const { text, runs, blocks } = reader.held(node, place);
  const block: Omit<HeadingBlock, "id"> = {
    kind: "heading",
    level: Number(node.tagName[1]) as HeadingLevel,
    text,
    runs,
    within: place.within,
  };
  reader.push(block);
  // Blocks inside a heading (a picture, most often) follow it.
  reader.blocks.push(...blocks);
};

export const heading = defineBlock<HeadingBlock>({
  shapes: [headingShape],
  nodes: { heading: { content: "inline*", group: "block", attributes: { id, level: whole(1, 1, 6) } } },
  fromEditor: {
    heading({ attrs, push, text }) {
      const block: Omit<HeadingBlock, "id" | "within"> = {
        kind: "heading",
        level: levelOf(attrs.level),
        ...text(),
      };
      push(block);
    },
  },
  toEditor: {
    heading: ({ level, runs }, { withText }) => [withText({ type: "heading", attrs: { level } }, runs)],
  },
  fromHtml: { h1: read, h2: read, h3: read, h4: read, h5: read, h6: read },
  toHtml: {
    heading: ({ level, runs }, { inline, id: own }) => h(`h${level}`, own ? { id: own } : {}, inline(runs)),
  },
  toDocx: { heading: ({ level, runs }) => ({ style: "text", heading: level, runs }) },
  // The first level is the page's H1, not its body.
  words: { heading: ({ level }) => level > 1 },
});

function levelOf(value: unknown): HeadingLevel {
  const n = Number(value);
  return (n >= 1 && n <= 6 ? Math.round(n) : 2) as HeadingLevel;
}
