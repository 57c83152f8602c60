/** Puts what a person took into the text, as one step of undo, and marks it to be reviewed. */
import type { Editor } from "@tiptap/core";
import { closeHistory } from "@tiptap/pm/history";
import type { BarePart } from "../../../../core/apprentice/form";
import { blockTextsOf, nodesOf } from "../../../apprentice/nodes";
import type { AppThunk } from "../../../store/thunk";
import { toast } from "../../../ui/toast";
import { markToReview } from "../../markToReview";
import { withBlocks } from "../editor/insertBlock";

/** @param place where it goes; behind the block of the cursor where absent */
export const takeIntoText =
  (editor: Editor, parts: readonly BarePart[], place?: number): AppThunk<void> =>
  (dispatch) => {
    const nodes = nodesOf(parts);
    if (!nodes.length) return;
    editor.view.dispatch(closeHistory(withBlocks(editor.state, nodes, place)).scrollIntoView());
    dispatch(markToReview(blockTextsOf(parts)));
    toast("It is in the text, marked to review.", {
      action: { label: "Undo", onClick: () => void editor.chain().focus().undo().run() },
    });
  };

/** The same in place of what is selected; a passage of one paragraph stays in its paragraph. */
export const takeForSelection =
  (editor: Editor, parts: readonly BarePart[], { from, to }: { from: number; to: number }): AppThunk<void> =>
  (dispatch) => {
    const { state } = editor;
    const nodes = nodesOf(parts);
    const within = state.doc.resolve(from).sameParent(state.doc.resolve(to));
    if (within && nodes.length === 1) {
      const words = parts.map(({ text }) => text).join(" ");
      const tr = closeHistory(state.tr.insertText(words, from, to));
      editor.view.dispatch(tr.scrollIntoView());
      dispatch(markToReview([editor.state.doc.resolve(from).parent.textContent]));
    } else {
      const tr = state.tr.replaceWith(
        state.doc.resolve(from).before(1),
        state.doc.resolve(to).after(1),
        nodes.map((node) => state.schema.nodeFromJSON(node)),
      );
      editor.view.dispatch(closeHistory(tr).scrollIntoView());
      dispatch(markToReview(blockTextsOf(parts)));
    }
    toast("The passage is replaced, marked to review.", {
      action: { label: "Undo", onClick: () => void editor.chain().focus().undo().run() },
    });
  };
