import type { ProofContext } from "../../core/proof/context";
import type { Profile } from "../../core/proof/profile";

/** What files are scored by: plain data, so that it can be handed to another thread. */
export interface ScoreOptions {
  profile: Profile;
  keyword?: string;
  supporting?: string[];
  /** Folder of saved competing pages. */
  competitors?: string;
  /** What the application knew of the one file that is scored. */
  context?: ProofContext;
  /** Checks overruled for all files, with the reason. */
  setAside: Record<string, string>;
}
