import type { Block } from "../../../../core/draft/draft";

/**
 * The editor positions of a span of a block's text.
 *
 * @param top position of the block's top-level node
 * @returns null where the span lies outside the text
 */
export function spanPositions(
  block: Block,
  top: number,
  start: number,
  end: number,
): [number, number] | null {
  const from = positionAt(block, top, start, false);
  const to = positionAt(block, top, end, true);
  return from !== null && to !== null && from <= to ? [from, to] : null;
}

/** @param closing take the end of a run rather than the start of the next */
function positionAt(block: Block, top: number, offset: number, closing: boolean): number | null {
  let before = 0;
  for (const run of block.runs) {
    const after = before + run.text.length;
    if (
      run.at !== undefined &&
      (closing ? offset > before && offset <= after : offset >= before && offset < after)
    )
      return top + run.at + (offset - before);
    before = after;
  }
  return null;
}
