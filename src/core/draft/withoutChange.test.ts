import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { EditorDoc } from "../blocks/editorJson";
import { anyDoc } from "../testing/arbitraries";
import { RUNS } from "../testing/runs";
import { blocksFromNode } from "./fromEditor";
import { withoutChange } from "./withoutChange";

const docOf = (...texts: string[]): EditorDoc => ({
  type: "doc",
  content: texts.map((text) => ({ type: "paragraph", content: [{ type: "text", text }] })),
});
const says = ({ content }: EditorDoc) => JSON.stringify(content.map((node) => blocksFromNode(node, "")));
const textsOf = ({ content }: EditorDoc) => content.map((node) => node.content?.[0]?.text);

describe("a change taken back", () => {
  it.each([
    ["nothing was written since", "a B c", "a B c", "a b c", 0],
    ["something was written before and behind it", "a B c", "x a B c y", "x a b c y", 0],
    ["what stood beside it was changed", "a B c", "A B C", "A b C", 0],
    ["what it made was written in", "a B c", "a B! c", "a B! c", 1],
    ["it parted a node in two", "a b1 b2 c", "a b1 b2 x c", "a b x c", 0],
    ["one of its two halves was written in", "a b1 b2 c", "a b1 b2! c", "a b1 b2! c", 1],
    ["it took a node away", "a c", "a c d", "a b c d", 0],
    ["it took the first away", "b c", "b c d", "a b c d", 0],
    ["it took a node away, and the one before is another now", "a c", "A c", "A c", 1],
  ])("where %s", (_what, after, now, expected, left) => {
    const undone = withoutChange(docOf(...now.split(" ")), docOf("a", "b", "c"), docOf(...after.split(" ")));
    expect(textsOf(undone.doc).join(" ")).toBe(expected);
    expect(undone.left).toBe(left);
  });

  it("is taken back at one place though it stays at another", () => {
    const undone = withoutChange(docOf("A", "b", "C!"), docOf("a", "b", "c"), docOf("A", "b", "C"));
    expect(textsOf(undone.doc)).toEqual(["a", "b", "C!"]);
    expect(undone.left).toBe(1);
  });

  it("is taken back where it was, though other nodes say the same", () => {
    const undone = withoutChange(docOf("a", "a", "d"), docOf("a", "a", "b"), docOf("a", "a"));
    expect(textsOf(undone.doc)).toEqual(["a", "a", "b", "d"]);
  });

  it("is taken back where what it made was moved to", () => {
    const undone = withoutChange(docOf("c", "B", "a"), docOf("a", "b", "c"), docOf("a", "B", "c"));
    expect(textsOf(undone.doc)).toEqual(["c", "b", "a"]);
  });

  it("leaves the document before it, whatever it was", () => {
    fc.assert(
      fc.property(anyDoc, anyDoc, (before, after) => {
        expect(says(withoutChange(after, before, after).doc)).toBe(says(before));
      }),
      RUNS,
    );
  });
});
