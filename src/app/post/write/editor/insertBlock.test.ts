import { getSchema } from "@tiptap/core";
import type { Node } from "@tiptap/pm/model";
import { EditorState, TextSelection } from "@tiptap/pm/state";
import { expect, it } from "vitest";
import type { EditorNode } from "../../../../core/blocks/editorJson";
import { documentExtensions } from "./documentExtensions";
import { withBlocks } from "./insertBlock";

const schema = getSchema(documentExtensions);
const p = (text = ""): EditorNode => ({
  type: "paragraph",
  ...(text && { content: [{ type: "text", text }] }),
});
const list = (...texts: string[]): EditorNode => ({
  type: "bulletList",
  content: texts.map((text) => ({ type: "listItem", content: [p(text)] })),
});
const picture: EditorNode = { type: "picture", attrs: { src: "asset:a" } };
const cell: EditorNode = { type: "tableCell", content: [p("in a cell")] };
const table: EditorNode = { type: "table", content: [{ type: "tableRow", content: [cell] }] };

/** A document with the cursor in the middle of a word. */
function stateAt(word: string, ...content: EditorNode[]): EditorState {
  const doc = schema.nodeFromJSON({ type: "doc", content });
  let at = 1;
  doc.descendants((node, pos) => {
    if (node.isText && node.text!.includes(word))
      at = pos + node.text!.indexOf(word) + Math.floor(word.length / 2);
  });
  return EditorState.create({ doc, selection: TextSelection.create(doc, at) });
}
const shape = (doc: Node) =>
  doc.children.map((node) => (node.textContent ? `${node.type.name}: ${node.textContent}` : node.type.name));

it.each<[string, EditorState, EditorNode[], string[]]>([
  [
    "a picture, in a word",
    stateAt("middle", p("the middle of it"), p("next")),
    [picture],
    ["paragraph: the middle of it", "picture", "paragraph: next"],
  ],
  [
    "a table, in a word",
    stateAt("middle", p("the middle of it"), p("next")),
    [table],
    ["paragraph: the middle of it", "table: in a cell", "paragraph: next"],
  ],
  [
    "a divider, in a word",
    stateAt("middle", p("the middle of it"), p("next")),
    [{ type: "horizontalRule" }],
    ["paragraph: the middle of it", "horizontalRule", "paragraph: next"],
  ],
  [
    "two pictures, in a heading",
    stateAt(
      "middle",
      { type: "heading", attrs: { level: 2 }, content: [{ type: "text", text: "middle" }] },
      p("next"),
    ),
    [picture, picture],
    ["heading: middle", "picture", "picture", "paragraph: next"],
  ],
  [
    "a picture, in a list",
    stateAt("second", list("first", "second", "third"), p("next")),
    [picture],
    ["bulletList: firstsecondthird", "picture", "paragraph: next"],
  ],
  [
    "a picture, in a cell",
    stateAt("cell", table, p("next")),
    [picture],
    ["table: in a cell", "picture", "paragraph: next"],
  ],
  [
    "a picture, at the end",
    stateAt("middle", p("the middle")),
    [picture],
    ["paragraph: the middle", "picture", "paragraph"],
  ],
  ["a picture, in an empty line", stateAt("none", p(), p("next")), [picture], ["picture", "paragraph: next"]],
])("%s: goes behind the block and breaks nothing", (_what, state, blocks, expected) => {
  const after = state.apply(withBlocks(state, blocks));
  expect(shape(after.doc)).toEqual(expected);
  after.doc.check();
  expect(after.selection.to).toBeGreaterThan(0);
});

it("goes where it is dropped", () => {
  const state = stateAt("first", p("first"), p("second"), p("third"));
  const second = 8 + 3;
  expect(shape(state.apply(withBlocks(state, [picture], second)).doc)).toEqual([
    "paragraph: first",
    "paragraph: second",
    "picture",
    "paragraph: third",
  ]);
});
