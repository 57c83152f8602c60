/** Marks blocks whose text a fix or the apprentice wrote and nobody has looked at: a dotted line beside them, and words for who hears the page. */
import { Extension } from "@tiptap/core";
import type { Node } from "@tiptap/pm/model";
import { type EditorState, Plugin, PluginKey, type Transaction } from "@tiptap/pm/state";
import { Decoration, DecorationSet, type EditorView } from "@tiptap/pm/view";

interface Marked {
  texts: ReadonlySet<string>;
  marks: DecorationSet;
}

const key = new PluginKey<Marked>("toReview");
const NONE: Marked = { texts: new Set(), marks: DecorationSet.empty };

/** Says which texts are to be reviewed. */
export function showToReview(view: EditorView, texts: readonly string[]): void {
  if (view.isDestroyed) return;
  const now = key.getState(view.state)?.texts;
  if (now && now.size === texts.length && texts.every((text) => now.has(text))) return;
  view.dispatch(textsToReview(view.state, texts));
}

/** Words of a block, by the block: its nodes never change in place. */
function createReader() {
  const words = new WeakMap<Node, string>();
  return (node: Node): string => {
    const held = words.get(node);
    if (held !== undefined) return held;
    const text = node.textContent;
    words.set(node, text);
    return text;
  };
}

type TextOf = (node: Node) => string;

function marksIn(
  doc: Node,
  from: number,
  to: number,
  texts: ReadonlySet<string>,
  textOf: TextOf,
): Decoration[] {
  const marks: Decoration[] = [];
  doc.nodesBetween(from, to, (node, pos) => {
    if (!node.isTextblock) return true;
    if (texts.has(textOf(node)))
      marks.push(
        Decoration.node(pos, pos + node.nodeSize, {
          class: "to-review",
          "aria-description": "Generated text, to review",
        }),
      );
    return false;
  });
  return marks;
}

/** Marks after a change: moved with it, and looked for anew in the blocks that it touches alone. */
function marksAfter(tr: Transaction, { texts, marks }: Marked, textOf: TextOf): DecorationSet {
  let moved = marks.map(tr.mapping, tr.doc);
  for (const [step, map] of tr.mapping.maps.entries())
    map.forEach((_oldFrom, _oldTo, newFrom, newTo) => {
      const after = tr.mapping.slice(step + 1);
      const $from = tr.doc.resolve(after.map(newFrom, -1));
      const $to = tr.doc.resolve(after.map(newTo, 1));
      const from = $from.depth ? $from.before(1) : $from.pos;
      const to = $to.depth ? $to.after(1) : $to.pos;
      const there = moved.find(from, to).filter((mark) => mark.from >= from && mark.to <= to);
      moved = moved.remove(there).add(tr.doc, marksIn(tr.doc, from, to, texts, textOf));
    });
  return moved;
}

/** Where marks stand: from and to of each, in order. */
export const placesOfMarks = (state: EditorState): [number, number][] =>
  (key.getState(state)?.marks.find() ?? [])
    .map(({ from, to }): [number, number] => [from, to])
    .sort(([a], [b]) => a - b);

/** The step that says which texts are to be reviewed. */
export const textsToReview = (state: EditorState, texts: readonly string[]): Transaction =>
  state.tr.setMeta(key, new Set(texts)).setMeta("addToHistory", false);

export const ToReviewMarks = Extension.create({
  name: "toReviewMarks",
  addProseMirrorPlugins() {
    const textOf = createReader();
    return [
      new Plugin<Marked>({
        key,
        state: {
          init: () => NONE,
          apply(tr, marked, _before, { doc }) {
            const texts = (tr.getMeta(key) as ReadonlySet<string> | undefined) ?? marked.texts;
            if (texts !== marked.texts)
              return {
                texts,
                marks: DecorationSet.create(doc, marksIn(doc, 0, doc.content.size, texts, textOf)),
              };
            return tr.docChanged && texts.size ? { texts, marks: marksAfter(tr, marked, textOf) } : marked;
          },
        },
        props: { decorations: (state) => key.getState(state)?.marks },
      }),
    ];
  },
});
