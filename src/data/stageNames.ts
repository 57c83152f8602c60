import type { Stage } from "./model";

export const STAGE_NAMES: Record<Stage, string> = {
  find: "Find",
  plan: "Plan",
  write: "Write",
  proof: "Proof",
  release: "Release",
};
