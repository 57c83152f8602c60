import { describe, expect, it } from "vitest";
import type { MapPoint } from "../../../workers/keywordBoard";
import { placeNames } from "./mapNames";

const log = (searches: number) => Math.log10(Math.max(1, searches));
const at = (text: string, searches: number, difficulty: number): MapPoint => ({
  place: 0,
  text,
  searches,
  difficulty,
});

describe("the names of the map", () => {
  it("are those of the ten best keywords, best first", () => {
    const points = Array.from({ length: 40 }, (_, i) => at(`keyword ${i}`, 10 + i * 200, 50));
    expect(placeNames(points, 4, log).map(({ text }) => text)).toEqual(
      Array.from({ length: 10 }, (_, i) => `keyword ${39 - i}`),
    );
    expect(placeNames([], 1, log)).toEqual([]);
  });

  it("stand to the right of their points where nothing is in the way", () => {
    expect(placeNames([at("cargo trike", 900, 40)], 5, log)).toMatchObject([{ side: "start", dy: 0 }]);
  });

  it("turn aside for a better one's name, another point and the edge", () => {
    const [, worse] = placeNames([at("cargo bike", 900, 40), at("cargo bikes", 880, 40)], 5, log);
    expect(worse).not.toMatchObject({ side: "start", dy: 0 });
    const [beside] = placeNames([at("cargo bike", 900, 40), at("trike", 880, 43)], 5, log);
    expect(beside).toMatchObject({ side: "end", dy: 0 });
    expect(placeNames([at("a cargo bike for the town", 900, 98)], 5, log)).toMatchObject([{ side: "end" }]);
  });

  it("never lie over one another while there is room", () => {
    const points = Array.from({ length: 10 }, (_, i) =>
      at(`electric bike ${i}`, 1000 - i * 130, 45 + (i % 3)),
    );
    const lines = placeNames(points, 5, log).map(({ difficulty, searches, side, dx, dy, text }) => {
      const width = text.length * 6.2;
      const x = (difficulty / 100) * 860 + dx;
      return {
        left: side === "start" ? x : side === "end" ? x - width : x - width / 2,
        y: (1 - log(searches) / 5) * 350 + dy,
        width,
      };
    });
    for (const [i, a] of lines.entries())
      for (const b of lines.slice(i + 1))
        expect(Math.abs(a.y - b.y) >= 14 || a.left + a.width <= b.left || b.left + b.width <= a.left).toBe(
          true,
        );
  });
});
