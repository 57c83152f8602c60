/** What goes to the apprentice and what comes back, as it is kept, sent and printed. */
import * as is from "../declare";

/** What a part of an answer was made from. "writer": nobody but the writer vouches for it. */
export const ORIGIN_KINDS = [
  "outline",
  "note",
  "post",
  "competitor-fact",
  "transcript",
  "description",
  "keyword",
  "question",
  "writer",
] as const;
export type OriginKind = (typeof ORIGIN_KINDS)[number];

export const originShape = is.shape({
  kind: is.oneOf(ORIGIN_KINDS),
  /** Which one of its kind: a heading, a title, an address, a time. */
  ref: is.text(4000),
  /** The words that it was made from, as they stand there; empty where none are. */
  quote: is.text(20_000),
});
export type Origin = is.Static<typeof originShape>;

export const partShape = is.shape({
  /** What it is in the answer: "title", "sentence", "heading" … as the answer's form names it. */
  field: is.text(40),
  text: is.text(100_000),
  from: is.list(originShape, 100),
});
/** A sentence, heading or line of an answer. */
export type Part = is.Static<typeof partShape>;

export const remarkShape = is.shape({ id: is.text(100), says: is.text(4000) });
/** What was noticed of an answer by itself, before anybody takes it. */
export type Remark = is.Static<typeof remarkShape>;

export const answerShape = is.shape({
  text: is.text(),
  parts: is.list(partShape, 5000),
  findings: is.list(remarkShape, 500),
});
export type Answer = is.Static<typeof answerShape>;

export const SOURCES = ["stand-in", "connected", "by-hand"] as const;
/** Who wrote: the writer that ships with the application, one that is connected, or one that a person asked by hand. */
export type WriterSource = (typeof SOURCES)[number];
