import type { CompetitorAnalysis } from "../../core/benchmark/competitors";
import type { Draft } from "../../core/draft/draft";
import type { Report } from "../../core/proof/report";

/** A file that was scored. */
export interface ScoredFile {
  file: string;
  /** Its text, as it was decoded. */
  source: string;
  draft: Draft;
  report: Report;
  /** What it was measured against; null where there were no competing pages. */
  competitors: CompetitorAnalysis | null;
}

/** A file that could not be read, and why. */
export interface FailedFile {
  file: string;
  message: string;
}
