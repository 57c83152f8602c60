import type { Post, StoredKeyword } from "../../../data/model";

/** A keyword of the site as Find shows it. */
export interface KeywordRow extends StoredKeyword {
  opportunity: number | null;
  /** Another post that has this target. */
  taken: Post | undefined;
}
