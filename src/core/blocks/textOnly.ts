/** Nodes that are lines of text, or lists of them: what may stand in a quote, a note, an answer or a list item. */
export const TEXT_ONLY: ReadonlySet<string> = new Set(["paragraph", "bulletList", "orderedList"]);
