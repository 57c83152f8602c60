/** What the score needs of competing pages: small enough to send with a draft. */
import * as is from "../declare";

const termShape = is.shape({
  key: is.text(2000),
  text: is.text(2000),
  salience: is.number({ minimum: 0 }),
  /** Uses per 1,000 words. */
  usual: is.range({ minimum: 0 }),
  core: is.flag(),
});
export type MeasuredTerm = is.Static<typeof termShape>;

const topicShape = is.shape({
  label: is.text(),
  presence: is.number({ minimum: 0, maximum: 1 }),
  place: is.number({ minimum: 0, maximum: 1 }),
  level: is.whole({ minimum: 2, maximum: 3 }),
  stems: is.list(is.list(is.text(2000)), 2000),
});
export type MeasuredTopic = is.Static<typeof topicShape>;

export const measureShape = is.shape({
  /** Pages it was made of. */
  pages: is.whole(),
  /** Target keyword for which the densities hold. */
  keyword: is.text(),
  /** Words of its median page. */
  medianWords: is.number({ minimum: 0 }),
  /** 10th and 90th percentile of the keyword's uses a word. */
  density: is.range({ minimum: 0 }),
  /** 10th and 90th percentile of the pages' reading ease; absent where it is not known of any, or was not measured yet. */
  ease: is.optional(is.range()),
  terms: is.list(termShape, 1000),
  /** Those on pages enough to count in the score. */
  topics: is.list(topicShape, 5000),
});
export type CompetitorMeasure = is.Static<typeof measureShape>;
