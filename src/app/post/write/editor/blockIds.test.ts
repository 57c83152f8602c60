/** Ids of blocks: each has one of its own, whatever came in and whatever was typed since. */
import { getSchema } from "@tiptap/core";
import { EditorState, type Plugin } from "@tiptap/pm/state";
import StarterKit from "@tiptap/starter-kit";
import { expect, it } from "vitest";
import { BlockIds } from "./blockIds";

const schema = getSchema([StarterKit, BlockIds]);
const plugins = (BlockIds.config.addProseMirrorPlugins as () => Plugin[])();

const stateOf = (ids: (string | null)[]): EditorState =>
  EditorState.create({
    schema,
    plugins,
    doc: schema.nodeFromJSON({
      type: "doc",
      content: ids.map((id) => ({
        type: "paragraph",
        attrs: { id },
        content: [{ type: "text", text: "word" }],
      })),
    }),
  });
const idsOf = ({ doc }: EditorState): string[] => doc.children.map(({ attrs }) => attrs.id as string);
const typed = (state: EditorState, pos: number): EditorState => state.apply(state.tr.insertText("x", pos));

it.each([
  ["none", [null, null, null]],
  ["one missing, and not where it is typed", ["a", null, "c"]],
  ["one twice", ["a", "a", "c"]],
])("%s: after the first key, each block has its own and keeps it", (_, ids) => {
  const first = typed(stateOf(ids), 2);
  expect(idsOf(first).every(Boolean)).toBe(true);
  expect(new Set(idsOf(first)).size).toBe(3);
  expect(idsOf(typed(first, 9))).toEqual(idsOf(first));
});

it("a split makes a new one, and taking blocks away leaves the others theirs", () => {
  const state = typed(stateOf(["a", "b", "c"]), 2);
  const split = state.apply(state.tr.split(4));
  expect(idsOf(split)[0]).toBe("a");
  expect(new Set(idsOf(split)).size).toBe(4);
  const less = split.apply(split.tr.delete(0, split.doc.firstChild!.nodeSize));
  expect(idsOf(less)).toEqual(idsOf(split).slice(1));
});
