import { describe, expect, it } from "vitest";
import type { OutlineItem } from "../../../core/outline/outline";
import { type Putting, puttingOf, withPutting } from "./putting";

const items: OutlineItem[] = [
  { id: "a", level: 2, text: "One", note: "" },
  { id: "b", level: 3, text: "Two", note: "mine" },
  { id: "q", level: 3, text: "Why?", note: "", faq: true },
];
const shown = (outline: readonly OutlineItem[]) =>
  outline
    .map(({ level, text, note, faq }) => `${faq ? "Q" : level} ${text}${note && ` (${note})`}`)
    .join("|");

describe("putting what competitors have into an outline", () => {
  it.each<[string, Putting, string | null, string]>([
    [
      "a heading before another",
      { kind: "heading", text: "New", level: 3 },
      "b",
      "2 One|3 New|3 Two (mine)|Q Why?",
    ],
    [
      "a deep heading in front is an H2",
      { kind: "heading", text: "New", level: 3 },
      "a",
      "2 New|2 One|3 Two (mine)|Q Why?",
    ],
    [
      "a heading at the end",
      { kind: "heading", text: "New", level: 2 },
      null,
      "2 One|3 Two (mine)|Q Why?|2 New",
    ],
    ["a note under a note", { kind: "note", text: "more" }, "b", "2 One|3 Two (mine\nmore)|Q Why?"],
    [
      "a note to nobody goes to the last",
      { kind: "note", text: "more" },
      "gone",
      "2 One|3 Two (mine)|Q Why? (more)",
    ],
    ["a question into the FAQ", { kind: "faq", text: "How?" }, "a", "2 One|3 Two (mine)|Q Why?|Q How?"],
  ])("%s", (_what, putting, at, expected) => {
    expect(shown(withPutting(items, putting, at, "new"))).toBe(expected);
  });
  it("takes the words that the competing pages' sections have along", () => {
    expect(withPutting([], { kind: "heading", text: "New", level: 2, budget: 90 }, null, "n")).toEqual([
      { id: "n", level: 2, text: "New", note: "", budget: 90 },
    ]);
  });
  it("knows what is dragged from what competitors cover, and what is a heading of the outline", () => {
    const putting: Putting = { kind: "faq", text: "How?" };
    expect(puttingOf({ putting })).toBe(putting);
    expect(puttingOf({ sortable: {} })).toBeUndefined();
    expect(puttingOf(undefined)).toBeUndefined();
  });
});
