import type { CheckFacts } from "./check";
import { checks } from "./registry";

/** What is known of every check without judging, in the order of the strip. */
export const checkFacts: readonly CheckFacts[] = checks.map(
  ({ id, group, name, effort, says, place }): CheckFacts => ({ id, group, name, effort, says, place }),
);
