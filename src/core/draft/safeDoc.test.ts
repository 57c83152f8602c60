import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { EditorDoc, EditorNode } from "../blocks/editorJson";
import { anyDoc } from "../testing/arbitraries";
import { RUNS } from "../testing/runs";
import { safeDoc } from "./safeDoc";

const doc = (...content: EditorNode[]): EditorDoc => ({ type: "doc", content });
const linked = (href: unknown): EditorDoc =>
  doc({
    type: "paragraph",
    content: [{ type: "text", text: "t", marks: [{ type: "bold" }, { type: "link", attrs: { href } }] }],
  });
const letters = (node: EditorNode): string => (node.text ?? "") + (node.content ?? []).map(letters).join("");

describe("safeDoc", () => {
  it.each([
    ["https://a.example/x", 0],
    ["/own/page", 0],
    ["#place", 0],
    ["mailto:a@b.example", 0],
    ["javascript:alert(1)", 1],
    [" JaVaScRiPt:alert(1)", 1],
    ["java\nscript:alert(1)", 1],
    ["\u0001javascript:alert(1)", 1],
    ["vbscript:x", 1],
    ["data:text/html,<script>", 1],
    ["file:///etc/passwd", 1],
    [null, 0],
  ])("of a link to %j takes out %d", (href, removed) => {
    const safe = safeDoc(linked(href));
    expect(safe.removed).toBe(removed);
    expect(safe.doc.content[0]!.content![0]!.marks).toHaveLength(2 - removed);
  });

  it.each([
    ["https://video.example/1", 1],
    ["javascript:alert(1)", 0],
    ["data:text/html,x", 0],
    // One that waits for its address.
    ["", 1],
    ["http://video.example/1", 0],
  ])("keeps an embed of %j: %d", (href, kept) => {
    expect(
      safeDoc(doc({ type: "embed", attrs: { href } })).doc.content.filter(({ type }) => type === "embed"),
    ).toHaveLength(kept);
  });

  it.each([
    ["asset:1", "asset:1"],
    ["data:image/png;base64,AA", "data:image/png;base64,AA"],
    ["data:image/svg+xml,<svg onload=x>", ""],
    ["javascript:x", ""],
    ["pictures/a.jpg", "pictures/a.jpg"],
  ])("makes of a picture at %j one at %j", (src, kept) => {
    const [picture] = safeDoc(doc({ type: "picture", attrs: { src, href: "javascript:x" } })).doc.content;
    expect(picture!.attrs).toMatchObject({ src: kept, href: null });
  });

  it("keeps every letter, and is done after one pass", () => {
    fc.assert(
      fc.property(anyDoc, (any) => {
        const once = safeDoc(any).doc;
        expect(letters(once)).toBe(letters(any));
        expect(safeDoc(once)).toEqual({ doc: once, removed: 0 });
        expect(JSON.stringify(once)).not.toContain('"href":"javascript:');
      }),
      RUNS,
    );
  });
});
