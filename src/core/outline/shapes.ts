/** What a plan is made of, as it is kept: headings, the goals of the post, assembled outlines. */
import * as is from "../declare";

const heading = {
  level: is.oneOf([2, 3]),
  text: is.text(),
  note: is.text(),
  /** Words that the section is to have; left out where nobody has said. */
  budget: is.optional(is.number({ minimum: 0, maximum: 1_000_000 })),
  /** A question of the FAQ at the end. */
  faq: is.onlyTrue(),
};
export const outlineItemShape = is.shape({ id: is.id(), ...heading });
export type OutlineItem = is.Static<typeof outlineItemShape>;

export const pieceShape = is.named(
  "piece",
  is.shape({
    audience: is.text(),
    goal: is.text(),
    tones: is.list(is.text(200)),
    style: is.text(),
    language: is.text(200),
    /** Words; null where nobody has said. */
    length: is.numberOrNull({ minimum: 0 }),
    points: is.list(is.text()),
    avoid: is.list(is.text()),
  }),
);
export type Piece = is.Static<typeof pieceShape>;

const METHODS = ["order", "questions", "steps", "comparison"] as const;
export type Method = (typeof METHODS)[number];

export const assembled = {
  method: is.oneOf(METHODS),
  title: is.text(),
  /** What made it. */
  why: is.text(),
  items: is.list(
    is.shape({
      ...heading,
      /** Why it is there, in words. */
      from: is.text(),
    }),
    5000,
  ),
};
const assembledShape = is.shape(assembled);
export type Assembled = is.Static<typeof assembledShape>;
export type AssembledItem = Assembled["items"][number];
