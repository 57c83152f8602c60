import { expect, it } from "vitest";
import { points, tenths, whole } from "./figures";

it.each([
  [7, "7", "7.0", "7"],
  [6.96, "7", "7.0", "7"],
  [6.25, "6.3", "6.3", "6"],
  [-0.02, "0", "0.0", "0"],
  [-3.21, "−3.2", "−3.2", "−3"],
  [1234.5, "1234.5", "1234.5", "1,235"],
])("%d is %s, under others %s, and whole %s", (n, alone, inColumn, rounded) => {
  expect([points(n), tenths(n), whole(n)]).toEqual([alone, inColumn, rounded]);
});
