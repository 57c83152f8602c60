/** What is typed with a block selected goes behind it, into a line that is there or is made. */
import { getSchema } from "@tiptap/core";
import { EditorState, NodeSelection, type Plugin } from "@tiptap/pm/state";
import StarterKit from "@tiptap/starter-kit";
import { expect, it, vi } from "vitest";
import { stepBehind, TypeBehind } from "./typeBehind";

const schema = getSchema([StarterKit]);
const paragraph = (text = "") => schema.node("paragraph", null, text ? [schema.text(text)] : []);
const rule = () => schema.node("horizontalRule");
const stateOf = (...nodes: ReturnType<typeof paragraph>[]) =>
  EditorState.create({ schema, doc: schema.node("doc", null, nodes) });
const selected = (state: EditorState, pos: number) =>
  state.apply(state.tr.setSelection(NodeSelection.create(state.doc, pos)));
const [plugin] = (TypeBehind.config.addProseMirrorPlugins as () => Plugin[])();

function typed(state: EditorState, text: string): EditorState {
  let now = state;
  const view = {
    get state() {
      return now;
    },
    dispatch: vi.fn((tr) => {
      now = now.apply(tr);
    }),
  };
  const taken = plugin!.props.handleTextInput!.call(plugin!, view as never, 0, 0, text, () => now.tr);
  expect(taken).toBe(view.dispatch.mock.calls.length > 0);
  return now;
}

it.each([
  ["at the end", stateOf(rule()), 0, ["", "x"]],
  ["before an empty line", stateOf(rule(), paragraph()), 0, ["", "x"]],
  ["in another block", stateOf(schema.node("blockquote", null, [rule(), paragraph("a")])), 1, ["a", "x"]],
  ["before text", stateOf(paragraph("a"), rule(), paragraph("b")), 3, ["a", "", "x", "b"]],
] as const)("%s", (_where, state, pos, expected) => {
  const after = typed(selected(state, pos), "x");
  expect(after.doc.children.map(({ textContent }) => textContent)).toEqual(expected);
  expect(after.selection.$head.parent.textContent).toBe("x");
});

it("leaves words that are selected, and the cursor, alone", () => {
  const state = stateOf(paragraph("words"));
  expect(stepBehind(state)).toBeNull();
  expect(typed(state, "x").doc.eq(state.doc)).toBe(true);
});
