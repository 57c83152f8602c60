import { type Editor, Extension } from "@tiptap/core";
import { closeHistory } from "@tiptap/pm/history";
import type { Node } from "@tiptap/pm/model";
import { type EditorState, NodeSelection, TextSelection, type Transaction } from "@tiptap/pm/state";
import { droppedSection, type Levels, movedSection } from "../../../../core/draft/sections";

export const levelsOf = (doc: Node): Levels =>
  doc.children.map((node) => (node.type.name === "heading" ? Number(node.attrs.level) : null));

/** Moves top-level blocks in front of another; the selection goes with them. */
export function moveRange(state: EditorState, from: number, to: number, before: number): Transaction | null {
  if (before >= from && before <= to) return null;
  const { doc, tr } = state;
  const posOf = (index: number) => {
    let pos = 0;
    for (let i = 0; i < index; i++) pos += doc.child(i).nodeSize;
    return pos;
  };
  const [start, end, target] = [posOf(from), posOf(to), posOf(before)];
  const moved = doc.slice(start, end);
  const { anchor, head } = state.selection;
  const selected = state.selection instanceof NodeSelection;
  if (target < start) tr.delete(start, end).insert(target, moved.content);
  else tr.insert(target, moved.content).delete(start, end);
  const by = (target < start ? target : target - (end - start)) - start;
  if (anchor >= start && anchor <= end)
    tr.setSelection(
      selected
        ? NodeSelection.create(tr.doc, anchor + by)
        : TextSelection.between(tr.doc.resolve(anchor + by), tr.doc.resolve(Math.min(head, end) + by)),
    );
  return tr.scrollIntoView();
}

function moveBlock(state: EditorState, by: -1 | 1): Transaction | null {
  const { $from, $to } = state.selection;
  const [from, to] = [$from.index(0), $to.index(0) + 1];
  const before = by < 0 ? from - 1 : to + 1;
  if (before < 0 || before > state.doc.childCount) return null;
  return moveRange(state, from, to, before);
}

function moveSection(state: EditorState, by: -1 | 1): Transaction | null {
  const move = movedSection(levelsOf(state.doc), state.selection.$from.index(0), by);
  return move && moveRange(state, move.from, move.to, move.before);
}

/** Moves a section onto another, both named by their headings' places among the top-level blocks; one step of undo. */
export function dropSection(editor: Editor, from: number, onto: number): void {
  const { state, view } = editor;
  const move = droppedSection(levelsOf(state.doc), from, onto);
  const tr = move && moveRange(state, move.from, move.to, move.before);
  if (tr) view.dispatch(closeHistory(tr));
}

/** Keys that move what the cursor stands in: the block, or its whole section. */
export const MoveBlocks = Extension.create({
  name: "moveBlocks",

  addKeyboardShortcuts() {
    const run = (make: (state: EditorState, by: -1 | 1) => Transaction | null, by: -1 | 1) => (): boolean => {
      const tr = make(this.editor.state, by);
      if (tr) this.editor.view.dispatch(tr);
      // Taken even where it can go no further: the browser's own use of these keys would surprise.
      return true;
    };
    return {
      "Alt-Shift-ArrowUp": run(moveBlock, -1),
      "Alt-Shift-ArrowDown": run(moveBlock, 1),
      "Alt-Shift-PageUp": run(moveSection, -1),
      "Alt-Shift-PageDown": run(moveSection, 1),
    };
  },
});
