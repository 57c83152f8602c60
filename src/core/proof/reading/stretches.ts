/** Blocks that are counted together: few enough to count again with a key, and enough that a long text has few stretches. */
import type { Stretch } from "./reading";

const LENGTH = 8;

/**
 * Cuts blocks into stretches.
 *
 * @param before how they were cut the last time
 * @returns the very same stretches where nothing in them has changed, and the very same list where that holds of all
 */
export function inStretches(members: Stretch, before: readonly Stretch[] = []): readonly Stretch[] {
  const count = Math.ceil(members.length / LENGTH);
  let stays = before.length === count;
  const cut: Stretch[] = [];
  for (let i = 0; i < count; i++) {
    const last = before[i];
    if (last && isAt(last, members, i * LENGTH)) cut.push(last);
    else {
      stays = false;
      cut.push(members.slice(i * LENGTH, (i + 1) * LENGTH));
    }
  }
  return stays ? before : cut;
}

/** Is a stretch what stands at a place of the list now? */
function isAt(stretch: Stretch, members: Stretch, from: number): boolean {
  if (stretch.length !== Math.min(LENGTH, members.length - from)) return false;
  for (let i = 0; i < stretch.length; i++) if (stretch[i] !== members[from + i]) return false;
  return true;
}
