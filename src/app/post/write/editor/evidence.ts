import { Extension } from "@tiptap/core";
import { Plugin, PluginKey } from "@tiptap/pm/state";
import { Decoration, DecorationSet } from "@tiptap/pm/view";

export const evidenceKey = new PluginKey<DecorationSet>("evidence");

/** Underlines spans that the proof found; they move with the text until the next report replaces them. */
export const Evidence = Extension.create({
  name: "evidence",

  addProseMirrorPlugins() {
    return [
      new Plugin<DecorationSet>({
        key: evidenceKey,
        state: {
          init: () => DecorationSet.empty,
          apply(transaction, set) {
            const spans = transaction.getMeta(evidenceKey) as [number, number][] | undefined;
            if (!spans) return set.map(transaction.mapping, transaction.doc);
            const size = transaction.doc.content.size;
            const inside = spans.filter(([from, to]) => from >= 0 && to <= size && from < to);
            return DecorationSet.create(
              transaction.doc,
              inside.map(([from, to]) => Decoration.inline(from, to, { class: "keyword-use" })),
            );
          },
        },
        props: { decorations: (state) => evidenceKey.getState(state) },
      }),
    ];
  },
});
