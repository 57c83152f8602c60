import * as is from "../declare";

export const spokenShape = is.shape({
  text: is.text(100_000),
  speaker: is.text(1000),
  /** Seconds at which its first word's line begins; null where unknown. */
  start: is.numberOrNull({ minimum: 0 }),
});
/** A sentence as it was said. */
export type Spoken = is.Static<typeof spokenShape>;
