import { describe, expect, it } from "vitest";
import { Memo, MemoBy, MemoByText, Remembered } from "./memo";
import { perObject, perText } from "./once";

describe("memo", () => {
  it("computes again exactly when a dependency is another", () => {
    const memo = new Memo<number>();
    let computed = 0;
    const ask = (...on: unknown[]) => memo.get(on, () => ++computed);
    const thing = {};
    expect([ask(1, thing), ask(1, thing), ask(1, {}), ask(1, thing), ask(1), ask(Number.NaN)]).toEqual([
      1, 1, 2, 3, 4, 5,
    ]);
    expect(ask(Number.NaN)).toBe(5);
  });

  it("remembers a value that is undefined", () => {
    const memo = new Memo<undefined>();
    let computed = 0;
    for (let i = 0; i < 3; i++) memo.get([], () => void computed++);
    expect(computed).toBe(1);
  });

  it("computes again exactly when an argument is another", () => {
    let computed = 0;
    const remembered = new Remembered((_a: unknown, _b: unknown, _c: unknown) => ++computed);
    const thing = {};
    const ask = (a: unknown, b: unknown, c: unknown) => remembered.get(a, b, c);
    expect([ask(1, thing, 2), ask(1, thing, 2), ask(1, {}, 2), ask(2, thing, 2), ask(2, thing, 3)]).toEqual([
      1, 1, 2, 3, 4,
    ]);
  });

  it("keeps one value a thing", () => {
    const memo = new MemoBy<object, string>();
    const [a, b] = [{}, {}];
    expect([memo.get(a, [1], () => "a"), memo.get(b, [1], () => "b"), memo.get(a, [1], () => "c")]).toEqual([
      "a",
      "b",
      "a",
    ]);
  });

  it.each([
    [
      ["a", "b c"],
      ["a b", "c"],
    ],
    [
      [1, 11],
      [11, 1],
    ],
    [["1"], [1]],
    [["true"], [true]],
    [["a 1 b"], ["a", "b"]],
  ])("tells %j from %j", (one, other) => {
    const memo = new MemoByText<number>(10);
    expect(memo.of(one).get("text", () => 1)).toBe(1);
    expect(memo.of(other).get("text", () => 2)).toBe(2);
    expect(memo.of(one).get("text", () => 3)).toBe(1);
  });

  it("forgets rather than growing without end", () => {
    const memo = new MemoByText<number>(3);
    for (const text of ["a", "b", "c", "d"]) memo.of([]).get(text, () => 1);
    expect(memo.of([]).get("a", () => 2)).toBe(2);
    expect(memo.of([]).get("d", () => 2)).toBe(1);
  });
});

describe("functions that remember", () => {
  it("are computed once for each object, undefined included", () => {
    const keys: object[] = [];
    const of = perObject((key: object) => {
      keys.push(key);
      return key === second ? undefined : keys.length;
    });
    const [first, second] = [{}, {}];
    expect([of(first), of(second), of(first), of(second)]).toEqual([1, undefined, 1, undefined]);
    expect(keys).toEqual([first, second]);
  });

  it("are computed once for each text, until there are too many", () => {
    const keys: string[] = [];
    const length = perText((text) => keys.push(text) && text.length, 2);
    expect(["a", "bb", "a", "ccc", "a"].map(length)).toEqual([1, 2, 1, 3, 1]);
    expect(keys).toEqual(["a", "bb", "ccc", "a"]);
  });
});
