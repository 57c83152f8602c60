import fc from "fast-check";
import { expect, it } from "vitest";
import { anyDoc } from "../testing/arbitraries";
import { RUNS } from "../testing/runs";
import { said } from "../testing/said";
import type { Block } from "./draft";
import { blocksFromEditor } from "./fromEditor";
import { replaceBlocks } from "./replaceBlocks";

it("replaces the block that is meant, keeps the others, and touches no node without need", () => {
  fc.assert(
    fc.property(anyDoc, fc.nat(), (doc, n) => {
      const before = blocksFromEditor(doc);
      if (!before.length) return;
      const at = n % before.length;
      const block = before[at]!;
      const text = "Something else";
      const changed: Block =
        // What has no text of its own has none to replace.
        /^(?:divider|contents|embed|linkCard)$/.test(block.kind)
          ? block
          : ({
              ...block,
              text,
              runs: [{ text, marks: [], ...(block.kind === "button" && { link: { href: block.href } }) }],
            } as Block);
      const after = replaceBlocks(doc, new Map([[at, [changed]]]));
      expect(said(blocksFromEditor(after))).toEqual(said(before.with(at, changed)));
      expect(after.content.filter((node) => !doc.content.includes(node)).length).toBeLessThanOrEqual(2);
    }),
    RUNS,
  );
});

it("leaves a document that can be written in when nothing is left", () => {
  const doc = {
    type: "doc" as const,
    content: [{ type: "paragraph", content: [{ type: "text", text: "a" }] }],
  };
  expect(replaceBlocks(doc, new Map([[0, []]])).content).toEqual([{ type: "paragraph" }]);
});
