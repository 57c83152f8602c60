/** Blocks in parts, for the fixes that split them. */
import type { Block, Run } from "../../draft/draft";

/** The runs of a span of a block's text, without blanks at its ends. */
export function slicedRuns(runs: readonly Run[], start: number, end: number): Run[] {
  const out: Run[] = [];
  let at = 0;
  for (const run of runs) {
    const from = Math.max(start, at);
    const to = Math.min(end, at + run.text.length);
    if (from < to)
      out.push({
        ...run,
        text: run.text.slice(from - at, to - at),
        ...(run.at !== undefined && { at: run.at + from - at }),
      });
    at += run.text.length;
  }
  return out;
}

/** The block with a part of its text; blanks at the part's ends go. */
export function partOf<B extends Block>(block: B, start: number, end: number, id: string): B {
  const part = block.text.slice(start, end);
  const from = start + (part.length - part.trimStart().length);
  const to = end - (part.length - part.trimEnd().length);
  return { ...block, id, text: block.text.slice(from, to), runs: slicedRuns(block.runs, from, to) };
}
