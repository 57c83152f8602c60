/** Sections of a document by the levels of its top-level blocks: where they begin and end, and where one goes when it is moved. */

/** By block: the level of a heading, null for anything else. */
export type Levels = readonly (number | null)[];

export interface SectionRange {
  /** Places of the first block and of the first block behind it. */
  from: number;
  to: number;
}

/**
 * The section that a block stands in: from its heading to the next of the same or a higher level.
 *
 * @returns null for what stands before the first heading
 */
export function sectionAt(levels: Levels, at: number): SectionRange | null {
  let from = at;
  while (from >= 0 && levels[from] === null) from--;
  if (from < 0) return null;
  return { from, to: endOf(levels, from) };
}

function endOf(levels: Levels, from: number): number {
  const own = levels[from]!;
  let to = from + 1;
  while (to < levels.length && (levels[to] === null || levels[to]! > own)) to++;
  return to;
}

/**
 * Where a section goes when it is moved one step: past its neighbour of the same level or, at the edge of the section that
 * holds it, into the one before or behind.
 *
 * @returns the section and the place in front of which it goes, both counted before the move; null where it can go no further
 */
export function movedSection(
  levels: Levels,
  at: number,
  by: -1 | 1,
): (SectionRange & { before: number }) | null {
  const section = sectionAt(levels, at);
  if (!section) return null;
  const own = levels[section.from]!;
  if (by > 0) {
    if (section.to >= levels.length) return null;
    // Behind the neighbour, or behind what the next section says before its own first heading.
    let before = section.to + 1;
    if (levels[section.to]! === own) before = endOf(levels, section.to);
    else while (before < levels.length && levels[before] === null) before++;
    return { ...section, before };
  }
  let before = section.from - 1;
  while (before >= 0 && (levels[before] === null || levels[before]! > own)) before--;
  return before < 0 ? null : { ...section, before };
}

/**
 * Where a section goes when it is put onto another: in front of it when it comes from behind, behind it when it comes from before.
 *
 * @param from place of its heading, @param onto place of the other's heading
 * @returns the section and the place in front of which it goes, both counted before the move; null where it would stay
 */
export function droppedSection(
  levels: Levels,
  from: number,
  onto: number,
): (SectionRange & { before: number }) | null {
  const section = sectionAt(levels, from);
  const other = sectionAt(levels, onto);
  if (!section || !other || (onto >= section.from && onto < section.to)) return null;
  // What holds the section ends where it ends itself: it stays in there.
  const before = onto < section.from ? other.from : other.to;
  return before >= section.from && before <= section.to ? null : { ...section, before };
}
