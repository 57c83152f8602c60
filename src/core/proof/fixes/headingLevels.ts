import type { Block, HeadingLevel } from "../../draft/draft";
import type { ChangedLine, FixRule } from "./fixRule";

/** Lifts every heading that skips a level to one below the heading before it, as that stands by then. */
export const headingLevels: FixRule = {
  id: "heading-levels",
  check: "heading-order",
  name: "Set heading levels right",
  safe: true,
  suggest({ headings, draft }) {
    const lines: ChangedLine[] = [];
    const blocks = new Map<number, Block[]>();
    let before: number = headings[0]?.level ?? 1;
    for (const { level, block, text } of headings.slice(1)) {
      const right = Math.min(level, before + 1) as HeadingLevel;
      before = right;
      const heading = block === null ? undefined : draft.blocks[block];
      if (right === level || heading?.kind !== "heading") continue;
      // A question of an FAQ is always of one level.
      if (heading.within.some(({ type }) => type === "pair")) {
        before = level;
        continue;
      }
      blocks.set(block!, [{ ...heading, level: right }]);
      lines.push({ before: `H${level} ${text}`, after: `H${right} ${text}` });
    }
    return lines.length ? [{ lines, change: { blocks } }] : [];
  },
};
