/** Which part of the text is in sight, in positions of the editor. */
import type { EditorView } from "@tiptap/pm/view";

/**
 * @param around screens above and below that count as in sight
 * @returns the first and the last position of the top-level nodes that are
 */
export function inSight(view: EditorView, around: number): [from: number, to: number] {
  const { children } = view.dom;
  const last = children.length - 1;
  if (last < 0) return [0, 0];
  const screen = window.innerHeight;
  const first = place(children, (box) => box.bottom > -around * screen);
  const beyond = place(children, (box) => box.top > (1 + around) * screen);
  const from = view.posAtDOM(children[Math.min(first, last)]!, 0);
  const end = children[Math.min(beyond, last)]!;
  return [Math.max(0, from - 1), view.posAtDOM(end, end.childNodes.length)];
}

/** The first of the children, from top to bottom, whose box is so; found by halves, since each asks the page for its place. */
function place(children: HTMLCollection, so: (box: DOMRect) => boolean): number {
  let from = 0;
  let to = children.length;
  while (from < to) {
    const middle = (from + to) >> 1;
    if (so(children[middle]!.getBoundingClientRect())) to = middle;
    else from = middle + 1;
  }
  return from;
}
