/** What is remembered of a reading is asked again where something that it rests on is another, and nowhere else. */
import { describe, expect, it } from "vitest";
import type { BlockReading, DraftPart, DraftParts, Stretch } from "./reading";
import { ReadingCache } from "./remembered";

const block = (n: number) => ({ block: n }) as unknown as BlockReading;
const [one, two, three]: Stretch[] = [[block(1)], [block(2), block(3)], [block(4)]];
const LENGTHS = {};

/** Counts the blocks of stretches, and how often it was asked. */
function counter() {
  const asked: Stretch[] = [];
  const count = (stretch: Stretch) => {
    asked.push(stretch);
    return { blocks: stretch.length };
  };
  return { asked, count };
}

describe("what is counted in stretches", () => {
  it("is counted once for each, and is the very same list while no count is another", () => {
    const cache = new ReadingCache();
    const { asked, count } = counter();
    const first = cache.perStretch("blocks", [LENGTHS], [one!, two!], count);
    expect(first).toEqual([{ blocks: 1 }, { blocks: 2 }]);
    expect(cache.perStretch("blocks", [LENGTHS], [one!, two!], count)).toBe(first);
    // Another stretch in which as much is counted.
    expect(cache.perStretch("blocks", [LENGTHS], [three!, two!], count)).toBe(first);
    expect(asked).toEqual([one, two, three]);
  });

  it("is another list where a count is another, or there are more", () => {
    const cache = new ReadingCache();
    const { asked, count } = counter();
    const first = cache.perStretch("blocks", [LENGTHS], [one!, two!], count);
    const changed = cache.perStretch("blocks", [LENGTHS], [one!, one!], count);
    expect(changed).toEqual([{ blocks: 1 }, { blocks: 1 }]);
    expect(changed[0]).toBe(first[0]);
    expect(cache.perStretch("blocks", [LENGTHS], [one!, one!, two!], count)).toHaveLength(3);
    expect(cache.perStretch("blocks", [LENGTHS], [], count)).toEqual([]);
    expect(asked).toHaveLength(4);
  });

  it("is counted anew by other rules, and apart for another question", () => {
    const cache = new ReadingCache();
    const { asked, count } = counter();
    const first = cache.perStretch("blocks", [LENGTHS], [one!], count);
    expect(cache.perStretch("blocks", [{}], [one!], count)).not.toBe(first);
    expect(cache.perStretch("others", [LENGTHS], [one!], count)).not.toBe(first);
    expect(asked).toHaveLength(3);
  });
});

describe("answers about parts of a draft", () => {
  const parts = { words: 10, hasWords: true, canonical: "" } as unknown as DraftParts;
  const READ: readonly (readonly DraftPart[])[] = [["words"], ["hasWords"], ["words", "canonical"], []];
  const nothing = [null, null, null, null];

  /** Which questions were asked again for these parts. */
  function asks(cache: ReadingCache, now: DraftParts, common: unknown[] = ["profile"], on = nothing) {
    const asked: number[] = [];
    const answers = cache.ofParts(now, common, READ, on, (at) => {
      asked.push(at);
      return `${at}: ${READ[at]!.map((name) => String(now[name])).join(" ")}`;
    });
    return { asked, answers };
  }

  it.each<[string, Partial<DraftParts>, number[]]>([
    ["nothing", {}, []],
    ["the number of words", { words: 11 }, [0, 2]],
    ["whether there are words", { hasWords: false }, [1]],
    ["the address", { canonical: "https://site.example/" }, [2]],
    ["what nobody reads", { useCount: 4 }, []],
  ])("are asked again where %s is another", (_what, change, again) => {
    const cache = new ReadingCache();
    expect(asks(cache, parts).asked).toEqual([0, 1, 2, 3]);
    const now = { ...parts, ...change };
    const { asked, answers } = asks(cache, now);
    expect(asked).toEqual(again);
    expect(answers).toEqual(asks(new ReadingCache(), now).answers);
  });

  it("are all asked again where what they have in common is another, and one where its own is", () => {
    const cache = new ReadingCache();
    asks(cache, parts);
    expect(asks(cache, parts, ["another profile"]).asked).toEqual([0, 1, 2, 3]);
    const counts: unknown[] = [];
    expect(asks(cache, parts, ["another profile"], [null, null, null, counts as never]).asked).toEqual([3]);
    expect(asks(cache, parts, ["another profile"], [null, null, null, counts as never]).asked).toEqual([]);
  });

  it("rest on the reading before, not on the first", () => {
    const cache = new ReadingCache();
    asks(cache, parts);
    asks(cache, { ...parts, words: 11 });
    expect(asks(cache, parts).asked).toEqual([0, 2]);
  });
});
