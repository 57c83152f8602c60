import { BLOCK_KINDS } from "../blocks/registry";
import type { NodeRule } from "../blocks/rules";

/** Nodes of a document, with what each may hold. */
export const nodeRules: Record<string, NodeRule> = {
  doc: { content: "block+" },
  ...Object.assign({}, ...BLOCK_KINDS.map(({ nodes }) => nodes)),
  hardBreak: { group: "inline", inline: true },
  text: { group: "inline" },
};
