import type { CoverageRules } from "../competitors/coverage";
import { readerQuestionsThresholds } from "./checks/readerQuestions";
import { sharedTermsThresholds } from "./checks/sharedTerms";
import type { ReadingProfile } from "./reading/reading";
import { thresholdsIn } from "./thresholds";

/** When something that competing pages share counts as covered, by the thresholds of a profile. */
export function coverageRules(profile: ReadingProfile): CoverageRules {
  const { overShare, overFactor } = thresholdsIn(profile, "field-terms", sharedTermsThresholds);
  const { answerWords } = thresholdsIn(profile, "reader-questions", readerQuestionsThresholds);
  return { overShare, overFactor, answerWords };
}
