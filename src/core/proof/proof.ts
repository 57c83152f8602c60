import type { Draft } from "../draft/draft";
import { languagePack } from "../text/language";
import { noContext, type ProofContext } from "./context";
import { coverageRules } from "./coverageRules";
import { defaultProfile, type Profile } from "./profile";
import { readDraft } from "./reading/readDraft";
import { ReadingCache } from "./reading/remembered";
import type { Stages } from "./reading/stages";
import { judgeReading, type Report } from "./report";

/**
 * Scores a draft. Pure: the same draft, context and profile give the same report, to the last decimal.
 *
 * @param cache remembers what was read of each block; pass the same one again after an edit
 */
export function proof(
  draft: Draft,
  context: ProofContext = noContext,
  profile: Profile = defaultProfile,
  cache: Stages = new ReadingCache(),
): Report {
  return judgeReading(
    readDraft(draft, context, profile, languagePack(draft.meta.language), coverageRules(profile), cache),
  );
}
