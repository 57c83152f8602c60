import { h } from "hastscript";
import type { Static } from "../../declare";
import * as is from "../../declare";
import { defineBlock, isElement, textOf } from "../kind";
import { plainText } from "../plainText";
import { id, textOrNull } from "../rules";
import { normaliseRuns } from "../runs";
import { blockShape } from "../shape";

const codeShape = blockShape(["code"], { language: is.text(2000) });
export type CodeBlock = Static<typeof codeShape>;

const CLASS = "language-";

export const code = defineBlock<CodeBlock>({
  shapes: [codeShape],
  pageStyle: "\npre{overflow:auto;padding:1rem;background:#f3f5f4}",
  nodes: {
    codeBlock: { content: "text*", group: "block", marks: "", attributes: { id, language: textOrNull } },
  },
  fromEditor: {
    codeBlock({ attrs, push, text }) {
      const block: Omit<CodeBlock, "id" | "within"> = {
        kind: "code",
        language: textOf(attrs.language),
        ...text(true),
      };
      push(block);
    },
  },
  toEditor: {
    code: ({ language, text }) => [
      {
        type: "codeBlock",
        attrs: { language: language || null },
        ...(text ? { content: [{ type: "text", text }] } : {}),
      },
    ],
  },
  fromHtml: {
    pre(node, place, reader) {
      reader.flush(place);
      reader.keepId(node);
      const inner = node.children.find((child) => isElement(child, "code"));
      const classes = inner?.type === "element" ? inner.properties.className : undefined;
      const language = (Array.isArray(classes) ? classes : [])
        .map(String)
        .find((name) => name.startsWith(CLASS));
      const { text, runs } = normaliseRuns([{ text: plainText(node).replace(/\n$/, ""), marks: [] }], true);
      const block: Omit<CodeBlock, "id"> = {
        kind: "code",
        language: language?.slice(CLASS.length) ?? "",
        text,
        runs,
        within: place.within,
      };
      reader.push(block);
    },
  },
  toHtml: {
    code: ({ language, text }) =>
      h("pre", {}, [
        h("code", language ? { className: [`${CLASS}${language}`] } : {}, [
          { type: "text", value: `${text}\n` },
        ]),
      ]),
  },
  words: { code: () => false },
  links: { code: () => [] },
});
