/** What costs the site most points. */
import { hasGain } from "../../../core/proof/finding";
import type { CheckId } from "../../../core/proof/profile";
import type { PostScore } from "../../../data/model";

export interface WorstCheck {
  id: CheckId;
  name: string;
  /** Posts that have something to gain by it. */
  posts: number;
  /** Points to gain by it over all posts. */
  gain: number;
}

/** Checks by what the site's posts could gain by them, most first. */
export function worstChecks(scores: readonly Pick<PostScore, "findings">[]): WorstCheck[] {
  const checks = new Map<CheckId, WorstCheck>();
  for (const { findings } of scores)
    for (const finding of findings) {
      if (!hasGain(finding)) continue;
      const { id, name, gain } = finding;
      let earlier = checks.get(id);
      if (!earlier) {
        earlier = { id, name, posts: 0, gain: 0 };
        checks.set(id, earlier);
      }
      earlier.posts++;
      earlier.gain += gain;
    }
  return [...checks.values()].sort((a, b) => b.gain - a.gain);
}
