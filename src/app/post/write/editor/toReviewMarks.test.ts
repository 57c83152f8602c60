/** Marks follow what is written: after any change they stand where they would if all was looked at anew. */
import { getSchema } from "@tiptap/core";
import { EditorState, type Plugin, TextSelection, type Transaction } from "@tiptap/pm/state";
import StarterKit from "@tiptap/starter-kit";
import fc from "fast-check";
import { expect, it } from "vitest";
import { RUNS } from "../../../../core/testing/runs";
import { placesOfMarks, ToReviewMarks, textsToReview } from "./toReviewMarks";

const schema = getSchema([StarterKit]);
const plugins = () => (ToReviewMarks.config.addProseMirrorPlugins as () => Plugin[])();
const TEXTS = ["one", "two"];

const paragraph = (text: string) => ({
  type: "paragraph",
  ...(text && { content: [{ type: "text", text }] }),
});
const word = fc.constantFrom("one", "two", "three", "");
const block = fc.oneof(
  word.map(paragraph),
  fc.array(word, { minLength: 1, maxLength: 3 }).map((items) => ({
    type: "bulletList",
    content: items.map((text) => ({ type: "listItem", content: [paragraph(text)] })),
  })),
);
const stateOf = (content: unknown[]): EditorState => {
  const state = EditorState.create({
    schema,
    plugins: plugins(),
    doc: schema.nodeFromJSON({ type: "doc", content }),
  });
  return state.apply(textsToReview(state, TEXTS));
};
const afresh = ({ doc }: EditorState): [number, number][] => {
  const marks: [number, number][] = [];
  doc.descendants((node, pos) => {
    if (node.isTextblock && TEXTS.includes(node.textContent)) marks.push([pos, pos + node.nodeSize]);
  });
  return marks;
};

/** A change at places of the document, which are taken as shares of its size. */
type Edit = (tr: Transaction, from: number, to: number) => Transaction;
const edits: Edit[] = [
  (tr, from, to) => tr.delete(from, to),
  (tr, from) => tr.insertText("x", from),
  (tr, from, to) => tr.insertText("one", from, to),
  (tr, from) => tr.split(TextSelection.near(tr.doc.resolve(from)).from),
  (tr, from) =>
    tr.insert(
      TextSelection.near(tr.doc.resolve(from)).$from.before(1),
      schema.nodeFromJSON(paragraph("two")),
    ),
  (tr, from, to) => tr.delete(from, to).insertText("two", 1),
];

it("stand where they would, after any changes", () =>
  fc.assert(
    fc.property(
      fc.array(block, { minLength: 1, maxLength: 5 }),
      fc.array(
        fc.record({
          edit: fc.nat(edits.length - 1),
          a: fc.double({ min: 0, max: 1, noNaN: true }),
          b: fc.double({ min: 0, max: 1, noNaN: true }),
        }),
        { maxLength: 6 },
      ),
      (content, changes) => {
        let state = stateOf(content);
        expect(placesOfMarks(state)).toEqual(afresh(state));
        for (const { edit, a, b } of changes) {
          const { size } = state.doc.content;
          const [from, to] = [Math.round(a * size), Math.round(b * size)].sort((x, y) => x - y);
          let tr: Transaction;
          try {
            tr = edits[edit]!(state.tr, from!, to!);
          } catch {
            // Nothing can be split or put there.
            continue;
          }
          state = state.apply(tr);
          expect(placesOfMarks(state)).toEqual(afresh(state));
        }
      },
    ),
    RUNS,
  ));

it("are gone with what is no longer to be reviewed", () => {
  const state = stateOf([paragraph("one")]);
  expect(placesOfMarks(state)).toHaveLength(1);
  expect(placesOfMarks(state.apply(textsToReview(state, [])))).toEqual([]);
});
