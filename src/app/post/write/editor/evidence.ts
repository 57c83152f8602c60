import { Extension } from "@tiptap/core";
import { Plugin, PluginKey } from "@tiptap/pm/state";
import { Decoration, DecorationSet } from "@tiptap/pm/view";

export const evidenceKey = new PluginKey<DecorationSet>("evidence");

/** A span to underline, and the class that says how. */
export type Underline = readonly [from: number, to: number, className: string];

/** Underlines spans that were found in the text; they move with it until they are replaced. */
export const Evidence = Extension.create({
  name: "evidence",

  addProseMirrorPlugins() {
    return [
      new Plugin<DecorationSet>({
        key: evidenceKey,
        state: {
          init: () => DecorationSet.empty,
          apply(transaction, set) {
            const spans = transaction.getMeta(evidenceKey) as readonly Underline[] | undefined;
            if (!spans) return set.map(transaction.mapping, transaction.doc);
            const size = transaction.doc.content.size;
            const inside = spans.filter(([from, to]) => from >= 0 && to <= size && from < to);
            return DecorationSet.create(
              transaction.doc,
              inside.map(([from, to, className]) =>
                Decoration.inline(from, to, { class: className }, { className }),
              ),
            );
          },
        },
        props: { decorations: (state) => evidenceKey.getState(state) },
      }),
    ];
  },
});
