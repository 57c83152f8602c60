/** Which findings stand in the margin, and where, so that no two lie on each other. */
import type { Evidence } from "../../../core/proof/check";
import { type Finding, hasGain } from "../../../core/proof/finding";
import type { Report } from "../../../core/proof/report";

/** One finding at one block. */
export interface MarginNote {
  finding: Finding;
  evidence: Evidence;
  /** Points that fixing this place alone brings; 0 where several must be fixed first. */
  gain: number;
  /** Place among the draft's blocks. */
  block: number;
  /** All that the margin says by it: notes that say the same are drawn the same. */
  says: string;
}

/**
 * Notes for every finding that has something to gain and points to a block at fault, each with what that place brings. Checks of the
 * keyword get one note with all of their gain, at the first place: their evidence is what earned points, not what lost them.
 */
export function marginNotes(report: Report): MarginNote[] {
  return report.findings.filter(hasGain).flatMap((finding) => {
    const byBlock = new Map<number, MarginNote>();
    for (const evidence of finding.evidence) {
      const { block, start, end, quote } = evidence;
      if (block === undefined) continue;
      const gain = gainHere(finding, evidence);
      if (gain === null) continue;
      const earlier = byBlock.get(block);
      if (earlier) {
        earlier.gain += gain;
        continue;
      }
      byBlock.set(block, { finding, evidence, gain, block, says: [start, end, quote].join(" ") });
      if (finding.group === "keyword") break;
    }
    return [...byBlock.values()].map((note) => ({
      ...note,
      says: [finding.id, note.block, note.gain, finding.reason, note.says].join(" "),
    }));
  });
}

/** Points of the whole score that fixing one place brings; null where the place is not at fault. */
function gainHere({ group, gain, share }: Finding, { worth }: Evidence): number | null {
  if (group === "keyword") return gain;
  // The gain is what the rest of the share is worth, and a place has its part of that.
  return worth === undefined ? null : (gain * worth) / (1 - share);
}

/** Notes that share a line of the margin, the one with most to gain first. */
export interface NoteGroup {
  key: string;
  /** Pixels from the top of the margin. */
  top: number;
  notes: MarginNote[];
}

/**
 * Gathers notes whose paragraphs stand closer than a line of the margin is high: the second then counts with the first.
 *
 * @param placed notes with the place of their paragraph, in pixels from the top of the margin
 * @param line height of a folded group, in pixels
 */
export function groupNotes(placed: readonly { note: MarginNote; top: number }[], line: number): NoteGroup[] {
  const groups: NoteGroup[] = [];
  for (const { note, top } of [...placed].sort((a, b) => a.top - b.top)) {
    const last = groups.at(-1);
    if (last && top - last.top < line) last.notes.push(note);
    else groups.push({ key: "", top, notes: [note] });
  }
  for (const group of groups) {
    group.notes.sort((a, b) => b.gain - a.gain);
    group.key = `${group.notes[0]!.finding.id}:${group.notes[0]!.block}`;
  }
  return groups;
}

/**
 * Places boxes one below the other, each at its wanted place or, where the one before reaches so far, right below that.
 *
 * @returns the tops, in the order given; `boxes` must be ordered by their wanted tops
 */
export function stack(boxes: readonly { top: number; height: number }[], gap: number): number[] {
  let free = Number.NEGATIVE_INFINITY;
  return boxes.map(({ top, height }) => {
    const placed = Math.max(top, free);
    free = placed + height + gap;
    return placed;
  });
}
