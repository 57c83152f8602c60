import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { proof } from "../proof/proof";
import { anyDoc, anyDraft, anyText } from "../testing/arbitraries";
import { RUNS } from "../testing/runs";
import { said } from "../testing/said";
import type { Block, Draft } from "./draft";
import { blocksFromEditor } from "./fromEditor";
import { blocksFromHast } from "./fromHast";
import { parseHtml } from "./fromHtml";
import { draftFromMarkdown } from "./fromMarkdown";
import { blocksToEditor } from "./toEditor";
import { blocksToHtml } from "./toHtml";
import { draftToMarkdown } from "./toMarkdown";

/** Empty lists items, cells and paragraphs carry nothing that is scored. */
const filled = (blocks: readonly Block[]) =>
  said(blocks.filter((b) => b.text || !/^(paragraph|listItem|quote|cell|code)$/.test(b.kind)));

const viaHtml = (draft: Draft): Draft => ({
  ...draft,
  blocks: blocksFromHast(parseHtml(blocksToHtml(draft.blocks, { headingIds: true }))),
});
const viaMarkdown = (draft: Draft): Draft => draftFromMarkdown(draftToMarkdown(draft));
const scoreOf = (draft: Draft) =>
  proof(draft).findings.map(({ id, state, share }) => `${id} ${state} ${share.toFixed(9)}`);

describe("round trips", () => {
  it("keep every block through HTML", () => {
    fc.assert(
      fc.property(anyDraft, (draft) => {
        expect(filled(viaHtml(draft).blocks)).toEqual(filled(draft.blocks));
      }),
      RUNS,
    );
  });

  it("keep every block through the editor", () => {
    fc.assert(
      fc.property(anyDraft, (draft) => {
        expect(filled(blocksFromEditor(blocksToEditor(draft.blocks)))).toEqual(filled(draft.blocks));
      }),
      RUNS,
    );
  });

  it("keep every block through Markdown, and give one report from editor, HTML and Markdown", () => {
    fc.assert(
      fc.property(anyDraft, (draft) => {
        const own = scoreOf(draft);
        expect(scoreOf(viaHtml(draft))).toEqual(own);
        const read = viaMarkdown(draft);
        expect(filled(read.blocks)).toEqual(filled(draft.blocks));
        expect(scoreOf(read)).toEqual(own);
      }),
      RUNS,
    );
  });

  it("read Markdown the same whether there is HTML in it or not", () => {
    const mark = fc.constantFrom(
      "# ",
      "> ",
      "- ",
      "1. ",
      "*",
      "**",
      "`",
      "[a](b) ",
      "![](c.png) ",
      "|a|b|\n|-|-|\n|",
      "\n\n",
      "\n",
      "    ",
      "[^1]",
      "\n[^1]: ",
    );
    fc.assert(
      fc.property(fc.array(fc.oneof(mark, anyText), { maxLength: 12 }), (parts) => {
        const text = parts.join("").replaceAll("<", "");
        // In code that nothing closes, a comment is code.
        fc.pre(!/(?:`{3}|~{3})/.test(text));
        // A comment is HTML: with it, all is read as HTML once more.
        expect(said(draftFromMarkdown(`${text}\n\n<!-- -->\n`).blocks)).toEqual(
          said(draftFromMarkdown(`${text}\n\n`).blocks),
        );
      }),
      RUNS,
    );
  });

  it("place every run of an editor block where its characters stand", () => {
    fc.assert(
      fc.property(anyDoc, (doc) => {
        for (const node of doc.content) {
          const flat = flatten(node);
          for (const block of blocksFromEditor({ type: "doc", content: [node] })) {
            for (const run of block.runs) {
              if (block.kind === "code") continue;
              const source = flat.slice(run.at, run.at! + run.text.length).join("");
              expect(source.replace(/[\t\r\f\n]/g, " ")).toBe(run.text.replace(/\n/g, " "));
            }
          }
        }
      }),
      RUNS,
    );
  });
});

type Node = { type: string; text?: string; content?: Node[] };
/** The characters of a node by position: an edge or leaf is one place. */
function flatten(node: Node): string[] {
  if (node.type === "text") return [...Array(node.text!.length).keys()].map((i) => node.text![i]!);
  if (node.type === "hardBreak") return [" "];
  if (node.type === "horizontalRule" || node.type === "contents") return [""];
  return ["", ...(node.content ?? []).flatMap(flatten), ""];
}
