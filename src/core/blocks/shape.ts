/** What all blocks have: text in runs, and what they stand in. */

export type Mark = "bold" | "italic" | "strike" | "code";

export interface Link {
  href: string;
  rel?: string;
}

/** A stretch of text in one style. */
export interface Run {
  text: string;
  marks: readonly Mark[];
  link?: Link;
  /** Where its first character stands in the source: for the editor, the position relative to its top-level node. */
  at?: number;
}

/** What a block stands in, outermost first; neighbours that share a container share its id. */
export interface ContainerBase {
  type: string;
  id: string;
}

export interface BlockBase {
  kind: string;
  id: string;
  /** Text of the block (of a picture: its caption), blanks collapsed; the runs joined. */
  text: string;
  runs: readonly Run[];
  within: readonly ContainerBase[];
  /** Fragment ids that stand in the source at this block. */
  ids?: readonly string[];
}

/** A value that came from outside, as one of those known; the first where it is none. */
export const oneOf = <T extends string>(known: readonly T[], value: unknown): T =>
  known.find((one) => one === value) ?? known[0]!;
