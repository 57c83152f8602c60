/** What the score needs of a field: small enough to send with a draft. */
export interface CompetitorMeasure {
  /** Pages it was made of. */
  pages: number;
  /** Target keyword for which the densities hold. */
  keyword: string;
  /** Words of its median page. */
  medianWords: number;
  /** 10th and 90th percentile of the keyword's uses a word. */
  density: [number, number];
  /** 10th and 90th percentile of the pages' reading ease; absent where it is not known of any, or was not measured yet. */
  ease?: [number, number];
  terms: MeasuredTerm[];
  /** Those on pages enough to count in the score. */
  topics: MeasuredTopic[];
}

export interface MeasuredTerm {
  key: string;
  text: string;
  salience: number;
  /** Uses per 1,000 words. */
  usual: [number, number];
  core: boolean;
}

export interface MeasuredTopic {
  label: string;
  presence: number;
  place: number;
  level: number;
  stems: string[][];
}
