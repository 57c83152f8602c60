/**
 * Underlines by the browser's own highlights (CSS Custom Highlight API, level 1): no element of the text changes for them, so that a
 * key costs the same with them as without. They move with what is typed, and are gone where the editor draws an element anew.
 */
import type { EditorView } from "@tiptap/pm/view";
import styles from "./highlights.css?raw";

/** A span in positions of the editor, and the name of the highlight that it is drawn with; highlights.css says how each looks. */
export type Underline = readonly [from: number, to: number, name: string];

/** Before 2025 not every browser had them: there, nothing is underlined, and all else is as it is. */
const canDraw = (): boolean => "highlights" in CSS;

/** Gives the document the looks of the highlights. @returns what takes them away */
export function adoptHighlightStyles(): () => void {
  const sheet = new CSSStyleSheet();
  sheet.replaceSync(styles);
  document.adoptedStyleSheets.push(sheet);
  return () => {
    document.adoptedStyleSheets = document.adoptedStyleSheets.filter((one) => one !== sheet);
  };
}

export function clearHighlights(names: readonly string[]): void {
  if (!canDraw()) return;
  for (const name of names) CSS.highlights.delete(name);
}

/** Draws these and no others of the names. */
export function drawHighlights(
  view: EditorView,
  names: readonly string[],
  underlines: readonly Underline[],
): void {
  if (!canDraw()) return;
  for (const name of names) {
    const ranges = underlines.flatMap((underline) => (underline[2] === name ? rangeOf(view, underline) : []));
    if (ranges.length) CSS.highlights.set(name, new Highlight(...ranges));
    else CSS.highlights.delete(name);
  }
}

function rangeOf(view: EditorView, [from, to]: Underline): Range[] {
  if (from < 0 || to > view.state.doc.content.size || from >= to) return [];
  const [start, end] = [view.domAtPos(from, 1), view.domAtPos(to, -1)];
  const range = document.createRange();
  range.setStart(start.node, start.offset);
  range.setEnd(end.node, end.offset);
  return [range];
}
