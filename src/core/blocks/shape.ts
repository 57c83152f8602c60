/** What all blocks have: text in runs, and what they stand in. */

import { type TProperties, Unsafe } from "@sinclair/typebox";
import type { Static } from "../declare";
import * as is from "../declare";

/** Characters at most: of names and marks, of addresses with what is in them, of a block's text. */
const SHORT = 2000;
const LONG = 2_000_000;
const DEEPEST = 200;

export const MARKS = ["bold", "italic", "strike", "code"] as const;
export type Mark = (typeof MARKS)[number];

export const linkShape = is.named(
  "link",
  is.shape({ href: is.text(LONG), rel: is.optional(is.text(SHORT)) }),
);
export type Link = Static<typeof linkShape>;

export const runShape = is.named(
  "run",
  is.shape({
    text: is.text(LONG),
    marks: is.fixedList(is.oneOf(MARKS), 8),
    link: is.optional(linkShape),
    /** Where its first character stands in the source: for the editor, the position relative to its top-level node. */
    at: is.optional(is.number()),
  }),
);
/** A stretch of text in one style. */
export type Run = Static<typeof runShape>;

/** What a block stands in, outermost first; neighbours that share a container share its id. */
export interface ContainerBase {
  type: string;
  id: string;
}

/** A container of one type, with what it has besides. */
export const containerShape = <const Type extends string, Fields extends TProperties>(
  type: Type,
  fields: Fields,
) => is.shape({ type: is.exactly(type), id: is.text(200), ...fields });

/** A container of any type: core/draft/blockShapes says which there are. */
const anyContainer = Unsafe<ContainerBase>({ $ref: "#/definitions/container" });

/** A block of one kind or of several alike, with what it has besides. */
export const blockShape = <const Kind extends string, Fields extends TProperties>(
  kinds: readonly Kind[],
  fields: Fields,
) =>
  is.shape({
    kind: is.oneOf(kinds),
    id: is.text(200),
    /** Text of the block (of a picture: its caption), blanks collapsed; the runs joined. */
    text: is.text(LONG),
    runs: is.fixedList(runShape),
    within: is.fixedList(anyContainer, DEEPEST),
    /** Fragment ids that stand in the source at this block. */
    ids: is.optional(is.fixedList(is.text(SHORT))),
    ...fields,
  });

const blockBase = blockShape([""], {});
export type BlockBase = Omit<Static<typeof blockBase>, "kind"> & { kind: string };

/** A value that came from outside, as one of those known; the first where it is none. */
export const oneOf = <T extends string>(options: readonly T[], value: unknown): T =>
  options.find((one) => one === value) ?? options[0]!;
