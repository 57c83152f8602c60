import { h } from "hastscript";
import type { Static } from "../../declare";
import type { EditorNode } from "../editorJson";
import { type HeadingBlock, isHeading } from "../heading/heading";
import { defineBlock } from "../kind";
import { id, LINES } from "../rules";
import { containerShape } from "../shape";
import { TEXT_ONLY } from "../textOnly";

/** Questions with their answers: each pair begins with a heading, the question. */
const faqShape = containerShape("faq", {});
export type Faq = Static<typeof faqShape>;
const pairShape = containerShape("pair", {});
export type FaqPair = Static<typeof pairShape>;

/** Level of the headings that questions are. */
const LEVEL = 3;

export const faq = defineBlock<never, Faq | FaqPair>({
  containers: [faqShape, pairShape],
  nodes: {
    faq: { content: "faqPair+", group: "block", attributes: { id } },
    faqPair: { content: `faqQuestion ${LINES}+` },
    faqQuestion: { content: "inline*", marks: "bold italic strike code link" },
  },
  fromEditor: {
    faq: ({ key, inside }) => inside({ type: "faq", id: `${key}f` }),
    faqPair: ({ key, inside }) => inside({ type: "pair", id: `${key}p` }),
    faqQuestion({ push, text }) {
      const block: Omit<HeadingBlock, "id" | "within"> = { kind: "heading", level: LEVEL, ...text() };
      push(block);
    },
  },
  groupToEditor: {
    /** A pair is a question and what may stand in an answer; the rest of it follows, and so does what is no pair. */
    faq(_container, items, { build, grouped, inner, withText }) {
      const pairs: EditorNode[] = [];
      const after: EditorNode[] = [];
      for (const group of grouped(inner(items))) {
        if (group[0]!.within[0]?.type !== "pair") {
          after.push(...build(group));
          continue;
        }
        const parts = inner(group);
        const headed = isHeading(parts[0]!.block) && !parts[0]!.within.length;
        const answer: EditorNode[] = [];
        for (const node of build(headed ? parts.slice(1) : parts))
          (TEXT_ONLY.has(node.type) ? answer : after).push(node);
        pairs.push({
          type: "faqPair",
          content: [
            withText({ type: "faqQuestion" }, headed ? parts[0]!.block.runs : []),
            ...(answer.length ? answer : [{ type: "paragraph" }]),
          ],
        });
      }
      return [...(pairs.length ? [{ type: "faq", content: pairs }] : []), ...after];
    },
  },
  fromMarkedHtml: {
    faq: (node, place, reader) => reader.inside(node, { type: "faq", id: reader.fresh("f") }, place),
    pair: (node, place, reader) => reader.inside(node, { type: "pair", id: reader.fresh("p") }, place),
  },
  wrapHtml: {
    faq: (_container) => h("section", { dataBlock: "faq" }),
    pair: (_container) => h("div", { dataBlock: "pair" }),
  },
});
