import type { Draft } from "../draft/draft";
import { type ProofContext, noContext } from "./context";
import { type Profile, houseProfile } from "./profile";
import { type ReadingCache, readDraft } from "./reading";
import { type Report, judgeReading } from "./report";

/**
 * Scores a draft. Pure: the same draft, context and profile give the same report, to the last decimal.
 *
 * @param cache remembers what was read of each block; pass the same one again after an edit
 */
export function proof(draft: Draft, context: ProofContext = noContext, profile: Profile = houseProfile, cache?: ReadingCache): Report {
  return judgeReading(readDraft(draft, context, profile, cache));
}
