/** Which findings stand in the margin, and where, so that no two lie on each other. */
import type { Evidence } from "../../../core/proof/check";
import type { Finding } from "../../../core/proof/finding";
import type { Report } from "../../../core/proof/report";

/** One finding at one block. */
export interface MarginNote {
  finding: Finding;
  evidence: Evidence;
  /** Place among the draft's blocks. */
  block: number;
  /** All that the margin says by it: notes that say the same are drawn the same. */
  says: string;
}

/**
 * Notes for every finding that has something to gain and points to blocks of the text. Checks of the keyword get one
 * note, at the first place: their evidence is what earned points, not what lost them.
 */
export function marginNotes(report: Report): MarginNote[] {
  return report.findings
    .filter((finding) => finding.gain > 0.005)
    .flatMap((finding) => {
      const seen = new Set<number>();
      const notes: MarginNote[] = [];
      for (const evidence of finding.evidence) {
        if (evidence.block === undefined || seen.has(evidence.block)) continue;
        seen.add(evidence.block);
        const { block, start, end, quote } = evidence;
        const says = [finding.id, block, finding.gain, finding.reason, start, end, quote].join(" ");
        notes.push({ finding, evidence, block, says });
      }
      return finding.group === "keyword" ? notes.slice(0, 1) : notes;
    });
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
    group.notes.sort((a, b) => b.finding.gain - a.finding.gain);
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
