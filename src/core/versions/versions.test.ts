import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { EditorDoc, EditorNode } from "../blocks/editorJson";
import { anyDoc } from "../testing/arbitraries";
import { RUNS } from "../testing/runs";
import { compareDocs, withBlockBack, wordChanges } from "./compare";
import { surplusVersions } from "./thin";

const p = (text: string, id?: string): EditorNode => ({
  type: "paragraph",
  attrs: { id: id ?? null },
  content: [{ type: "text", text }],
});
const doc = (...content: EditorNode[]): EditorDoc => ({ type: "doc", content });
const kinds = (before: EditorDoc, after: EditorDoc) => compareDocs(before, after).map(({ kind }) => kind);
const shown = (parts: { text: string; kind: string }[]) =>
  parts
    .map(({ text, kind }) => (kind === "same" ? text : `${kind === "added" ? "+" : "-"}[${text}]`))
    .join("");

describe("comparing", () => {
  it.each([
    ["One two three", "One three", "One -[two ]three"],
    ["One two", "One 2", "One -[two]+[2]"],
    ["Same", "Same", "Same"],
    ["", "New", "+[New]"],
  ])("“%s” with “%s” by words", (before, after, expected) =>
    expect(shown(wordChanges(before, after))).toBe(expected),
  );
  it("matches blocks by id where the text is another, and by text where the id is gone", () => {
    expect(kinds(doc(p("Alpha", "a"), p("Bravo", "b")), doc(p("Alpha", "x"), p("Bravado", "b")))).toEqual([
      "same",
      "changed",
    ]);
  });
  it("matches blocks without ids that say nearly the same", () => {
    const before = doc(p("Look at the brakes once a month"), p("Then the tyres"));
    const after = doc(p("New first line here", "n"), p("Look at the brakes twice a month", "x"));
    expect(kinds(before, after)).toEqual(["added", "changed", "removed"]);
  });
  it("sees what came and went, and takes no notice of empty lines", () => {
    const before = doc(p("Alpha", "a"), { type: "paragraph" }, p("Bravo", "b"));
    expect(kinds(before, doc(p("Bravo", "b"), p("Charlie", "c")))).toEqual(["removed", "same", "added"]);
  });
  it("sees a mark and an attribute as a change", () => {
    const bold = doc({
      ...p("Alpha", "a"),
      content: [{ type: "text", text: "Alpha", marks: [{ type: "bold" }] }],
    });
    expect(kinds(doc(p("Alpha", "a")), bold)).toEqual(["changed"]);
    const level = (n: number) => doc({ type: "heading", attrs: { id: "h", level: n } });
    expect(kinds(level(2), level(3))).toEqual(["changed"]);
  });
  it("puts one block back, and leaves the others as they are", () => {
    const before = doc(p("Alpha", "a"), p("Bravo", "b"), p("Charlie", "c"));
    const after = doc(p("Alpha two", "a"), p("Charlie", "c"), p("Delta", "d"));
    const changes = compareDocs(before, after);
    const back = (at: number) => withBlockBack(after, changes, at).content.map((n) => n.content![0]!.text);
    expect(changes.map(({ kind }) => kind)).toEqual(["changed", "removed", "same", "added"]);
    expect(back(0)).toEqual(["Alpha", "Charlie", "Delta"]);
    expect(back(1)).toEqual(["Alpha two", "Bravo", "Charlie", "Delta"]);
    expect(back(3)).toEqual(["Alpha two", "Charlie"]);
  });
  it("holds every filled block of both, whatever they are", () => {
    fc.assert(
      fc.property(anyDoc, anyDoc, (before, after) => {
        const changes = compareDocs(before, after);
        const filled = ({ content }: EditorDoc) =>
          content.filter((node) => node.type !== "paragraph" || node.content?.length);
        expect(changes.flatMap((one) => one.before ?? [])).toEqual(filled(before));
        expect(changes.flatMap((one) => one.after ?? [])).toEqual(filled(after));
        expect(compareDocs(before, before).every(({ kind }) => kind === "same")).toBe(true);
      }),
      RUNS,
    );
  });
});

describe("thinning out", () => {
  const NOW = "2026-06-30T12:00:00.000Z";
  const ago = (minutes: number, name = "") => {
    const savedAt = new Date(Date.parse(NOW) - minutes * 60_000).toISOString();
    return { id: `${minutes}`, savedAt, name };
  };
  it("keeps all of the last two hours, one an hour of the day, one a day of the month, one a week before", () => {
    const hours = (n: number) => n * 60;
    const all = [
      1,
      10,
      100,
      hours(3),
      hours(3) + 20,
      hours(5),
      hours(30),
      hours(31),
      hours(60),
      hours(24 * 80),
    ];
    expect(
      surplusVersions(
        all.map((m) => ago(m)),
        NOW,
      ),
    ).toEqual([`${hours(3) + 20}`, `${hours(31)}`]);
  });
  it("never takes a named one, the latest or the earliest", () => {
    const all = [ago(5000), ago(5001, "First draft"), ago(5002), ago(5003)];
    expect(surplusVersions(all, NOW)).toEqual(["5002"]);
    expect(surplusVersions([], NOW)).toEqual([]);
  });
});
