import type { GuidedStart } from "../../core/apprentice/guidedStart";

/** What a step is given. */
export interface StepProps {
  start: GuidedStart;
  onChange: (changes: Partial<GuidedStart>) => void;
}
