/** Text that a writer suggests where the cursor is: drawn behind it and no part of the document until it is accepted. */
import { Extension } from "@tiptap/core";
import type { EditorState } from "@tiptap/pm/state";
import { Plugin, PluginKey } from "@tiptap/pm/state";
import { Decoration, DecorationSet, type EditorView } from "@tiptap/pm/view";

export interface Ghost {
  /** Where it stands; moves with what is written before it. */
  pos: number;
  /** What it says by now. */
  text: string;
}

const key = new PluginKey<Ghost | null>("ghost");

export const ghostOf = (state: EditorState): Ghost | null => key.getState(state) ?? null;

/** Puts more words into the ghost that is drawn: no step of the editor, which would look at the whole sheet for each. */
export function growGhost(view: EditorView, text: string): void {
  const ghost = view.isDestroyed ? null : ghostOf(view.state);
  const span = ghost && view.dom.querySelector("[data-ghost]");
  if (!ghost || !span) return;
  ghost.text = text;
  span.textContent = inSheet(text);
}

/** Draws it, or takes it away. No step of undo. */
export function showGhost(view: EditorView, ghost: Ghost | null): void {
  if (view.isDestroyed) return;
  view.dispatch(view.state.tr.setMeta(key, ghost).setMeta("addToHistory", false));
}

interface Options {
  onAccept(): void;
  onDrop(): void;
}

export const GhostText = Extension.create<Record<string, never>, Options>({
  name: "ghostText",
  addStorage: () => ({ onAccept: () => {}, onDrop: () => {} }),
  addKeyboardShortcuts() {
    const when = (act: keyof Options) => () => {
      if (!ghostOf(this.editor.state)) return false;
      this.storage[act]();
      return true;
    };
    return { Tab: when("onAccept"), Escape: when("onDrop") };
  },
  addProseMirrorPlugins: () => [
    new Plugin<Ghost | null>({
      key,
      state: {
        init: () => null,
        apply(tr, ghost) {
          const next = tr.getMeta(key) as Ghost | null | undefined;
          if (next !== undefined) return next;
          return ghost && tr.docChanged ? { ...ghost, pos: tr.mapping.map(ghost.pos) } : ghost;
        },
      },
      props: {
        decorations(state) {
          const ghost = key.getState(state);
          if (!ghost) return null;
          return DecorationSet.create(state.doc, [
            Decoration.widget(ghost.pos, () => drawn(ghost.text), {
              side: 1,
              // One and the same while it grows.
              key: "ghost",
              ignoreSelection: true,
            }),
          ]);
        },
      },
    }),
  ],
});

/** Plain text, whatever stands in it. */
function drawn(text: string): HTMLElement {
  const span = document.createElement("span");
  span.className = "ghost-text";
  span.contentEditable = "false";
  span.dataset.ghost = "";
  span.textContent = inSheet(text);
  return span;
}
const inSheet = (text: string): string => ` ${text}`;
