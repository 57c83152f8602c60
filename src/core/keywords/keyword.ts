/** A keyword and what is known of it. Unknown numbers are null and stay so. */
export interface KeywordRow {
  text: string;
  /** Searches a month. */
  searches: number | null;
  /** Searches in each of the last twelve months, oldest first; empty where unknown. */
  months: number[];
  /** 0 (easy) to 100. */
  difficulty: number | null;
  intent: Intent | "";
  /** In the currency of its source. */
  costPerClick: number | null;
  /** The numbers come from a stand-in service. */
  standIn: boolean;
}

export const INTENTS = ["informational", "commercial", "transactional", "navigational", "local"] as const;
export type Intent = (typeof INTENTS)[number];
