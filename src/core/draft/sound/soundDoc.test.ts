import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { EditorDoc, EditorNode } from "../../blocks/editorJson";
import { anyDoc } from "../../testing/arbitraries";
import { RUNS } from "../../testing/runs";
import { documentSchema, KEPT } from "../documentRules";
import { MOST_LEVELS } from "./bounds";
import { soundDoc } from "./soundDoc";

const doc = (...content: unknown[]) => ({ type: "doc", content });
const t = (text: string, ...marks: string[]) => ({
  type: "text",
  text,
  ...(marks.length && { marks: marks.map((type) => ({ type })) }),
});
const p = (...content: unknown[]) => ({ type: "paragraph", ...(content.length && { content }) });
const letters = (node: EditorNode): string =>
  (node.text ?? "") + (Array.isArray(node.content) ? node.content : []).map(letters).join("");
/** All letters of a document, those in kept blocks too. */
const allLetters = (node: EditorNode): string =>
  node.type === KEPT
    ? letters(JSON.parse(String(node.attrs!.json)) as EditorNode)
    : (node.text ?? "") + (node.content ?? []).map(allLetters).join("");
const isSound = (doc: EditorDoc) => documentSchema.nodeFromJSON(doc).check();

describe("soundDoc", () => {
  it("gives back every document that the editor allows, as the same object", () => {
    fc.assert(
      fc.property(anyDoc, (given) => {
        const { doc: sound, said } = soundDoc(given);
        expect(sound).toBe(given);
        expect(said).toEqual([]);
      }),
      RUNS,
    );
  });

  it.each<[string, unknown, unknown[]]>([
    [
      "text directly in the document",
      doc(t("a"), t("b", "bold"), p(t("c"))),
      [p(t("a"), t("b", "bold")), p(t("c"))],
    ],
    ["a list without items", doc({ type: "bulletList", content: [] }, p(t("a"))), [p(t("a"))]],
    ["a list without content", doc({ type: "bulletList" }), [p()]],
    [
      "paragraphs in a list",
      doc({ type: "bulletList", content: [p(t("a"))] }),
      [{ type: "bulletList", content: [{ type: "listItem", content: [p(t("a"))] }] }],
    ],
    [
      "an item that begins with a list",
      doc({
        type: "bulletList",
        content: [
          {
            type: "listItem",
            content: [{ type: "bulletList", content: [{ type: "listItem", content: [p(t("a"))] }] }],
          },
        ],
      }),
      [
        {
          type: "bulletList",
          content: [
            {
              type: "listItem",
              content: [p(), { type: "bulletList", content: [{ type: "listItem", content: [p(t("a"))] }] }],
            },
          ],
        },
      ],
    ],
    [
      "a paragraph in a gallery",
      doc({ type: "gallery", content: [{ type: "picture", attrs: { src: "a" } }, p(t("b"))] }),
      [{ type: "gallery", content: [{ type: "picture", attrs: { src: "a" } }] }, p(t("b"))],
    ],
    ["an empty box of questions", doc({ type: "faq" }, p(t("a"))), [p(t("a"))]],
    [
      "a question without its answer",
      doc({
        type: "faq",
        content: [{ type: "faqPair", content: [{ type: "faqQuestion", content: [t("a")] }] }],
      }),
      [
        {
          type: "faq",
          content: [{ type: "faqPair", content: [{ type: "faqQuestion", content: [t("a")] }, p()] }],
        },
      ],
    ],
    [
      "a picture that holds a block",
      doc({ type: "picture", attrs: { src: "a" }, content: [t("caption"), p(t("b"))] }),
      [{ type: "picture", attrs: { src: "a" }, content: [t("caption")] }, p(t("b"))],
    ],
    ["an empty text", doc(p(t("a"), t(""))), [p(t("a"))]],
    [
      "formatting in code",
      doc({ type: "codeBlock", content: [t("a", "bold")] }),
      [{ type: "codeBlock", content: [t("a")] }],
    ],
    [
      "a rule that holds text",
      doc({ type: "horizontalRule", content: [t("a")] }),
      [{ type: "horizontalRule" }, p(t("a"))],
    ],
    [
      "a number for a level",
      doc({ type: "heading", attrs: { level: 99 }, content: [t("a")] }),
      [{ type: "heading", attrs: {}, content: [t("a")] }],
    ],
    [
      "an object for an address",
      doc({ type: "picture", attrs: { src: { a: 1 }, alt: "b" } }),
      [{ type: "picture", attrs: { alt: "b" } }],
    ],
    ["no content at all", doc(), [p()]],
    ["things that are no nodes", doc(null, 7, "text", { type: 4 }, p(t("a"))), [p(t("a"))]],
  ])("repairs %s", (_what, given, content) => {
    const { doc: sound } = soundDoc(given);
    expect(sound.content).toEqual(content);
    isSound(sound);
  });

  it.each([
    ["colspan", { colspan: 1_000_000 }],
    ["rowspan", { rowspan: 1_000_000 }],
    ["a half span", { colspan: 1.5 }],
    ["no number", { colspan: "7" }],
  ])("bounds spans: %s", (_what, attrs) => {
    const cell = { type: "tableCell", attrs, content: [p(t("a"))] };
    const { doc: sound, said } = soundDoc(
      doc({ type: "table", content: [{ type: "tableRow", content: [cell] }] }),
    );
    expect(sound.content[0]!.content![0]!.content![0]!.attrs).toEqual({});
    expect(said.join()).toContain("left out");
  });

  it("bounds the columns of a row", () => {
    const cells = Array.from({ length: 40 }, () => ({
      type: "tableCell",
      attrs: { colspan: 90 },
      content: [p()],
    }));
    const { doc: sound } = soundDoc(doc({ type: "table", content: [{ type: "tableRow", content: cells }] }));
    const columns = sound.content[0]!.content![0]!.content!.reduce(
      (sum, c) => sum + Number(c.attrs!.colspan),
      0,
    );
    expect(columns).toBe(40);
  });

  it.each([
    ["a node", { type: "timeline", attrs: { id: "x", of: [1, 2] }, content: [p(t("secret"))] }],
    ["a node inside a list", { type: "bulletList", content: [{ type: "timeline", content: [t("a")] }] }],
    ["a mark", p(t("a"), t("b", "highlight"))],
    ["a name of every object", { type: "toString" }],
    ["a document in a document", { type: "doc", content: [p(t("a"))] }],
  ])("keeps what it does not know as it came: %s", (_what, node) => {
    const { doc: sound, said } = soundDoc(doc(p(t("before")), node));
    expect(sound.content[1]!.type).toBe(KEPT);
    expect(JSON.parse(String(sound.content[1]!.attrs!.json))).toEqual(node);
    expect(said.join()).toContain("does not know");
    isSound(sound);
    // Opened again, it is the same; and by a version that knows it, it is what it was.
    expect(soundDoc(sound)).toEqual({ doc: sound, said: [] });
  });

  it("opens a kept block again once it is known", () => {
    const kept = { type: KEPT, attrs: { json: JSON.stringify(p(t("a"))) } };
    expect(soundDoc(doc(kept)).doc.content).toEqual([p(t("a"))]);
    const broken = { type: KEPT, attrs: { json: "{" } };
    expect(soundDoc(doc(broken)).doc.content).toEqual([broken]);
  });

  it("lays flat what is nested too deep, without losing a letter", () => {
    const nest = (levels: number): unknown =>
      levels ? { type: "blockquote", content: [p(t("a")), nest(levels - 1)] } : p(t("b"));
    for (const levels of [MOST_LEVELS + 1, 20_000]) {
      let node: unknown = p(t("b"));
      for (let i = 0; i < levels; i++) node = { type: "blockquote", content: [p(t("a")), node] };
      const { doc: sound, said } = soundDoc(doc(node));
      expect(sound.content).toHaveLength(levels + 1);
      expect(said.join()).toContain("levels deep");
    }
    expect(soundDoc(doc(nest(5))).said.join()).not.toContain("levels deep");
  });

  it("keeps what is more than an editor can hold", () => {
    const { doc: sound, said } = soundDoc(doc(...Array.from({ length: 100_500 }, () => p())));
    expect(sound.content.length).toBeLessThanOrEqual(100_001);
    expect(JSON.parse(String(sound.content.at(-1)!.attrs!.json)).content).toHaveLength(500);
    expect(said.join()).toContain("elements");
  });

  it.each([null, 7, "x", [], {}, { type: "doc" }, { type: "doc", content: {} }])("stands %j", (given) => {
    expect(soundDoc(given).doc.content).toEqual([{ type: "paragraph" }]);
  });

  it("makes any tree of known kinds sound, and loses no letter of it", () => {
    const anyAttrs = fc.dictionary(
      fc.constantFrom("level", "colspan", "src", "id", "layout", "start", "href", "x"),
      fc.oneof(fc.integer(), fc.string(), fc.constant(null), fc.boolean()),
      { maxKeys: 2 },
    );
    const { node } = fc.letrec<{ node: unknown }>((tie) => ({
      node: fc.oneof(
        { depthSize: "small" },
        fc
          .record({
            text: fc.string({ minLength: 1, maxLength: 3 }),
            marks: fc.subarray(["bold", "code", "link"]),
          })
          .map(({ text, marks }) => t(text, ...marks)),
        fc.record(
          {
            type: fc.constantFrom(
              ...Object.keys(documentSchema.nodes).filter((n) => !["text", "doc", KEPT].includes(n)),
            ),
            attrs: anyAttrs,
            content: fc.array(tie("node"), { maxLength: 4 }),
          },
          { requiredKeys: ["type"] },
        ),
      ),
    }));
    fc.assert(
      fc.property(fc.array(node, { maxLength: 5 }), (content) => {
        const given = doc(...content) as unknown as EditorDoc;
        const { doc: sound } = soundDoc(given);
        isSound(sound);
        expect([...allLetters(sound)].sort()).toEqual([...letters(given)].sort());
        expect(soundDoc(sound).doc).toEqual(sound);
      }),
      RUNS,
    );
  });
});
