import { type Editor, Extension } from "@tiptap/core";
import type { Node } from "@tiptap/pm/model";
import { Plugin, PluginKey, TextSelection } from "@tiptap/pm/state";
import { Decoration, DecorationSet } from "@tiptap/pm/view";
import type { LanguagePack } from "../../../../core/text/packs/pack";
import { type SearchOptions, searchText } from "../../../../core/text/search";

export interface Match {
  from: number;
  to: number;
}

export const finderKey = new PluginKey<DecorationSet>("finder");

/** Every place of a query in the document; nothing is found across two blocks. */
export function findInDoc(doc: Node, query: string, options: SearchOptions, pack: LanguagePack): Match[] {
  const matches: Match[] = [];
  doc.descendants((node, pos) => {
    if (!node.isTextblock) return true;
    // What is no text takes one place, as it does in the document.
    const text = node.textBetween(0, node.content.size, "\n", "\ufffc");
    for (const { start, end } of searchText(text, query, options, pack))
      matches.push({ from: pos + 1 + start, to: pos + 1 + end });
    return false;
  });
  return matches;
}

/** Shows what was found, the current one apart. */
export function showMatches(editor: Editor, matches: readonly Match[], current: number): void {
  editor.view.dispatch(
    editor.state.tr.setMeta(finderKey, { matches, current }).setMeta("addToHistory", false),
  );
}

/** Replaces one place, or all in one step of undo; what stands there keeps its marks. */
export function replaceMatches(editor: Editor, places: readonly Match[], text: string): void {
  const { tr } = editor.state;
  for (const { from, to } of [...places].reverse()) {
    if (text) tr.insertText(text, from, to);
    else tr.delete(from, to);
  }
  editor.view.dispatch(tr);
}

/** Selects a place and brings it into sight, without taking the focus from where the query is typed. */
export function showPlace(editor: Editor, { from, to }: Match): void {
  editor.view.dispatch(
    editor.state.tr.setSelection(TextSelection.create(editor.state.doc, from, to)).scrollIntoView(),
  );
}

export const Finder = Extension.create({
  name: "finder",

  addProseMirrorPlugins() {
    return [
      new Plugin<DecorationSet>({
        key: finderKey,
        state: {
          init: () => DecorationSet.empty,
          apply(transaction, set) {
            const shown = transaction.getMeta(finderKey) as { matches: Match[]; current: number } | undefined;
            if (!shown) return set.map(transaction.mapping, transaction.doc);
            return DecorationSet.create(
              transaction.doc,
              shown.matches.map(({ from, to }, i) =>
                Decoration.inline(from, to, { class: i === shown.current ? "found current" : "found" }),
              ),
            );
          },
        },
        props: { decorations: (state) => finderKey.getState(state) },
      }),
    ];
  },
});
