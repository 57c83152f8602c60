import type { Block } from "../../draft/draft";
import type { FixRule } from "./fixRule";

/** Every H1 of the page but the first becomes an H2. */
export const extraH1: FixRule = {
  id: "extra-h1",
  check: "one-h1",
  name: "Make the other H1s H2",
  safe: true,
  suggest({ h1s, draft }) {
    const blocks = new Map<number, Block[]>();
    const extra = h1s.slice(1).flatMap(({ block, text }) => {
      const heading = block === null ? undefined : draft.blocks[block];
      if (heading?.kind !== "heading") return [];
      blocks.set(block!, [{ ...heading, level: 2 }]);
      return [{ before: `H1 ${text}`, after: `H2 ${text}` }];
    });
    return extra.length ? [{ lines: extra, change: { blocks } }] : [];
  },
};
