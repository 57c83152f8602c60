import type { CheckFacts } from "./check";
import { type CheckId, checks } from "./registry";

/** What is known of every check without judging, in the order of the strip. */
export const checkFacts: readonly CheckFacts<CheckId>[] = checks.map(
  ({ id, group, name, effort, place }) => ({
    id,
    group,
    name,
    effort,
    place,
  }),
);
