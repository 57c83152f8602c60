import fc from "fast-check";
import { expect, it } from "vitest";
import { RUNS } from "../../testing/runs";
import type { BlockReading } from "./reading";
import { inStretches } from "./stretches";

// What a stretch holds is told apart by identity alone.
const BLOCKS = Array.from({ length: 12 }, (_, block) => ({ block }) as unknown as BlockReading);
const members = fc.array(fc.constantFrom(...BLOCKS), { maxLength: 40 });

it("holds all blocks in their order, whatever was before", () => {
  fc.assert(
    fc.property(members, members, (now, earlier) => {
      const cut = inStretches(now, inStretches(earlier));
      expect(cut.flat()).toEqual(now);
      expect(cut.map(({ length }) => length)).toEqual(inStretches(now).map(({ length }) => length));
    }),
    RUNS,
  );
});

it("keeps the stretches in which nothing has changed, and the list where nothing has", () => {
  const many = Array.from({ length: 30 }, (_, i) => BLOCKS[i % BLOCKS.length]!);
  const before = inStretches(many);
  expect(inStretches([...many], before)).toBe(before);
  const after = inStretches(many.with(9, BLOCKS[0]!), before);
  expect(after.map((stretch, i) => stretch === before[i])).toEqual([true, false, true, true]);
  // One more at the end changes the last stretch alone.
  expect(inStretches([...many, BLOCKS[0]!], before).map((stretch, i) => stretch === before[i])).toEqual([
    true,
    true,
    true,
    false,
  ]);
});
