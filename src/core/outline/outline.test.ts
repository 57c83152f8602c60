import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { EditorDoc, EditorNode } from "../blocks/editorJson";
import { RUNS } from "../testing/runs";
import { branchLength, moveItem, nudgeItem, type OutlineItem } from "./outline";
import { outlineNumber } from "./outlineNumber";
import { writeUp } from "./writeUp";

/** "2a 3b 2c": levels and names. */
const outline = (text: string): OutlineItem[] =>
  text
    .split(" ")
    .filter(Boolean)
    .map((part) => ({ id: part.slice(1), level: Number(part[0]) as 2 | 3, text: part.slice(1), note: "" }));
const shown = (items: readonly OutlineItem[]): string =>
  items.map(({ level, id }) => `${level}${id}`).join(" ");

describe("numbers", () => {
  it.each([
    ["2a 3b 3c 2d 3e", "1 1.1 1.2 2 2.1"],
    ["3a 2b", "0.1 1"],
    ["2a", "1"],
  ])("of %s are %s", (items, expected) =>
    expect(
      outline(items)
        .map((_, at) => outlineNumber(outline(items), at))
        .join(" "),
    ).toBe(expected),
  );

  it("begin anew with the questions at the end", () => {
    const items = [...outline("2a 3b"), ...outline("3c 3d").map((item) => ({ ...item, faq: true as const }))];
    expect(items.map((_, at) => outlineNumber(items, at))).toEqual(["1", "1.1", "1", "2"]);
  });
});

describe("moving", () => {
  const items = outline("2a 3b 3c 2d 2e 3f");
  it.each([
    ["an H2 takes its H3s along", "a", 4, "2d 2a 3b 3c 2e 3f"],
    ["to the end", "a", 6, "2d 2e 3f 2a 3b 3c"],
    ["to the front", "e", 0, "2e 3f 2a 3b 3c 2d"],
    ["an H3 moves alone", "b", 5, "2a 3c 2d 2e 3b 3f"],
    ["into itself changes nothing", "a", 2, "2a 3b 3c 2d 2e 3f"],
    ["an unknown one changes nothing", "x", 0, "2a 3b 3c 2d 2e 3f"],
  ])("%s", (_what, id, to, expected) => expect(shown(moveItem(items, id, to))).toBe(expected));
  it.each([
    ["an H2 down past the whole next section", "a", 1, "2d 2a 3b 3c 2e 3f"],
    ["an H2 up past the whole one before", "d", -1, "2d 2a 3b 3c 2e 3f"],
    ["an H3 down past its neighbour", "b", 1, "2a 3c 3b 2d 2e 3f"],
    ["the first up", "a", -1, "2a 3b 3c 2d 2e 3f"],
    ["the last down", "e", 1, "2a 3b 3c 2d 2e 3f"],
  ] as const)("by one: %s", (_what, id, direction, expected) =>
    expect(shown(nudgeItem(items, id, direction))).toBe(expected),
  );

  it("never loses or doubles an item", () => {
    const any = fc
      .array(fc.constantFrom<2 | 3>(2, 3), { maxLength: 12 })
      .map((levels) => levels.map((level, i): OutlineItem => ({ id: `i${i}`, level, text: "", note: "" })));
    fc.assert(
      fc.property(any, fc.nat(12), fc.nat(13), fc.constantFrom<-1 | 1>(-1, 1), (list, at, to, direction) => {
        const sorted = (of: readonly OutlineItem[]) => of.map(({ id }) => id).sort();
        for (const moved of [
          moveItem(list, `i${at}`, Math.min(to, list.length)),
          nudgeItem(list, `i${at}`, direction),
        ])
          expect(sorted(moved)).toEqual(sorted(list));
      }),
      RUNS,
    );
  });
  it("counts a branch", () =>
    expect([0, 1, 3, 4].map((at) => branchLength(items, at))).toEqual([3, 1, 1, 2]));
});

describe("writing up", () => {
  const heading = (level: number, text: string): EditorNode => ({
    type: "heading",
    attrs: { level },
    content: [{ type: "text", text }],
  });
  const p = (text: string): EditorNode => ({ type: "paragraph", content: [{ type: "text", text }] });
  const blank: EditorNode = { type: "paragraph" };
  const doc = (...content: EditorNode[]): EditorDoc => ({ type: "doc", content });
  const lines = (document: EditorDoc): string =>
    document.content
      .map((node) => `${node.type === "heading" ? node.attrs!.level : ""}${node.content?.[0]?.text ?? "·"}`)
      .join(" ");
  it.each([
    ["a blank draft keeps a line for its opening", outline("2a 3b"), doc(blank), "· 2a · 3b ·", 2],
    ["behind an opening", outline("2a"), doc(p("Open")), "Open 2a ·", 1],
    [
      "what is there stays, the rest goes where it belongs",
      outline("2a 2b 2c"),
      doc(p("Open"), heading(2, "A"), p("x"), heading(2, "c"), p("y")),
      "Open 2A x 2b · 2c y",
      1,
    ],
    [
      "an H3 goes behind the text of its section",
      outline("2a 3b"),
      doc(heading(2, "a"), p("x"), heading(2, "z")),
      "2a x 3b · 2z",
      1,
    ],
    ["nothing new", outline("2a"), doc(heading(3, "A!")), "3A!", 0],
    ["empty headings are left out", [{ id: "1", level: 2, text: "  ", note: "" }], doc(p("x")), "x", 0],
  ] as [string, OutlineItem[], EditorDoc, string, number][])("%s", (_what, items, before, after, added) => {
    const kept = structuredClone(before);
    const written = writeUp(items, before);
    expect(lines(written.doc)).toBe(after);
    expect(written.added).toBe(added);
    expect(before).toEqual(kept);
    // A second time adds nothing.
    expect(writeUp(items, written.doc).added).toBe(0);
  });
});
