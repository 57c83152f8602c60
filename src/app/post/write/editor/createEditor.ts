import { Editor } from "@tiptap/core";
import { Placeholder } from "@tiptap/extensions";
import type { Node } from "@tiptap/pm/model";
import { TextSelection } from "@tiptap/pm/state";
import type { EditorView } from "@tiptap/pm/view";
import type { EditorDoc } from "../../../../core/blocks/editorJson";
import { documentExtensions } from "./documentExtensions";
import { Finder } from "./finder";
import { GhostText } from "./ghost";
import { type Intake, intakeExtension } from "./intake";
import { MoveBlocks } from "./moveBlocks";
import { dropInto, pasteInto } from "./paste";
import { ToReviewMarks } from "./toReviewMarks";
import { TypeBehind } from "./typeBehind";

/** From this many blocks on, those out of sight are not laid out with every key. */
const LONG = 120;

/** Text that runs around a picture must be laid out with it: such a post is drawn whole. */
const isLong = (doc: Node): boolean =>
  doc.childCount >= LONG &&
  !doc.children.some(({ attrs }) => attrs.side === "left" || attrs.side === "right");

/** Pixels of the window that bars can cover. */
const COVERED = { top: 240, bottom: 70 };

/**
 * Whether the cursor is in sight already, as it is with most keys: else the editor asks each element around it whether it must
 * scroll. Of text that scrolls by itself, as code and tables do, it says nothing.
 */
function cursorInSight(view: EditorView): boolean {
  const { selection } = view.state;
  const { $head } = selection;
  if (!(selection instanceof TextSelection) || $head.depth !== 1 || $head.parent.type.spec.code) return false;
  const { top, bottom } = view.coordsAtPos($head.pos, 1);
  return top >= COVERED.top && bottom <= window.innerHeight - COVERED.bottom;
}

export function createEditor(content: EditorDoc, editable: boolean, intake: Intake): Editor {
  const editor: Editor = new Editor({
    content,
    editable,
    // It tells what was deleted, for which it compares the text before and after every key; nobody listens.
    enableCoreExtensions: { delete: false },
    extensions: [
      ...documentExtensions,
      MoveBlocks,
      TypeBehind,
      Finder,
      GhostText,
      ToReviewMarks,
      intakeExtension(intake),
      Placeholder.configure({ placeholder: "Write, or paste from anywhere" }),
    ],
    editorProps: {
      attributes: ({ doc }) => ({
        class: isLong(doc) ? "sheet-text long-text" : "sheet-text",
        role: "textbox",
        "aria-multiline": "true",
        "aria-label": "Text of the post",
        spellcheck: "true",
      }),
      // What stands above and below the sheet must not cover the place that is gone to.
      scrollThreshold: { top: COVERED.top, bottom: COVERED.bottom, left: 0, right: 0 },
      scrollMargin: { top: 260, bottom: 90, left: 0, right: 0 },
      handleScrollToSelection: cursorInSight,
      // Before the editor parses the clipboard itself, on the page's own thread and before anything is cleaned.
      handleDOMEvents: {
        paste: (_view, event) => {
          const taken = pasteInto(editor, event);
          if (taken) event.preventDefault();
          return taken;
        },
        // What is dragged within the text stays as it is.
        drop: (view, event) => {
          const taken = !view.dragging && dropInto(editor, event);
          if (taken) event.preventDefault();
          return taken;
        },
      },
    },
  });
  keepsItsSelection(editor.view.dom);
  return editor;
}

/**
 * Before each change that it draws, React reads the selection of the focused element, to put it back if drawing should lose it; of
 * an editable one it counts every character up to there, in a long text for longer than a key takes. The editor keeps its
 * selection itself, so the element says nothing of its being editable, where only React asks; the attribute does.
 */
function keepsItsSelection(dom: HTMLElement): void {
  Object.defineProperty(dom, "contentEditable", {
    get: () => "inherit",
    set: (value: string) => dom.setAttribute("contenteditable", value),
  });
}
