import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { languagePack } from "../../text/language";
import { cosine, overlap, rarity, stemCounts } from "./likeness";
import { mostDiverse } from "./mmr";
import { seeded } from "./seeded";
import { textRank } from "./textRank";

const pack = languagePack("en");
const counts = (text: string) => stemCounts(text, pack);

describe("chance with a seed", () => {
  it("gives the same for the same seed, and all of a list in some order", () => {
    fc.assert(
      fc.property(fc.integer(), fc.array(fc.integer()), (seed, list) => {
        const [a, b] = [seeded(seed), seeded(seed)];
        expect(a.shuffled(list)).toEqual(b.shuffled(list));
        expect([...a.shuffled(list)].sort()).toEqual([...list].sort());
        const next = a.next();
        expect(next).toBeGreaterThanOrEqual(0);
        expect(next).toBeLessThan(1);
      }),
    );
  });
  it("differs for seeds that stand side by side", () => {
    expect(new Set(Array.from({ length: 100 }, (_, seed) => seeded(seed).next())).size).toBeGreaterThan(98);
  });
});

it("ranks first what most of a text has something in common with", () => {
  const texts = [
    "A battery loses range in the cold.",
    "The cat sat there.",
    "Cold takes range from every battery.",
    "A warm battery keeps its range.",
  ].map(counts);
  const ranks = textRank(texts);
  expect(ranks.indexOf(Math.min(...ranks))).toBe(1);
  expect(textRank([])).toEqual([]);
  expect(textRank([counts("Alone.")])).toHaveLength(1);
});

it("chooses no two that are alike while there are others", () => {
  const likeness = [
    [1, 1, 0],
    [1, 1, 0],
    [0, 0, 1],
  ];
  expect(mostDiverse([1, 0.95, 0.6], (a, b) => likeness[a]![b]!, 2)).toEqual([0, 2]);
  fc.assert(
    fc.property(fc.array(fc.double({ min: 0, max: 1, noNaN: true })), fc.nat(20), (worth, many) => {
      const chosen = mostDiverse(worth, () => 0.5, many);
      expect(new Set(chosen).size).toBe(chosen.length);
      expect(chosen.length).toBe(Math.min(many, worth.length));
    }),
  );
});

it("measures how alike two texts are, whichever comes first", () => {
  const words = fc
    .array(fc.constantFrom("battery", "range", "cold", "chain", "lock"), { maxLength: 8 })
    .map((all) => all.join(" "));
  fc.assert(
    fc.property(words, words, (a, b) => {
      const weight = rarity([counts(a), counts(b)]);
      const [there, back] = [cosine(counts(a), counts(b), weight), cosine(counts(b), counts(a), weight)];
      expect(there).toBeCloseTo(back, 10);
      expect(there).toBeGreaterThanOrEqual(0);
      expect(there).toBeLessThanOrEqual(1 + 1e-9);
    }),
  );
  expect(cosine(counts("batteries lose range"), counts("a battery lost range"))).toBeCloseTo(1);
  expect(overlap(new Set(["a", "b"]), new Set(["a"]))).toBe(1);
  expect(overlap(new Set(), new Set(["a"]))).toBe(0);
});
