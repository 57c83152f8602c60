import { defineBlock } from "../kind";
import { id, text } from "../rules";

/** Name of the node of a block that came from a newer version or another program, kept as it came. */
export const KEPT = "unknown";

export const kept = defineBlock({
  nodes: { [KEPT]: { group: "block", atom: true, attributes: { id, json: text() } } },
  // What it is nobody here knows: it is kept, and nothing of it is read.
  fromEditor: { [KEPT]: () => {} },
});
