import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { atMostEvery } from "./atMostEvery";

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

it("tells the first at once, then the latest of what came, and nothing once it is stopped", () => {
  const told: number[] = [];
  const { tell, stop } = atMostEvery<number>(100, (value) => told.push(value));
  tell(1);
  expect(told).toEqual([1]);
  tell(2);
  tell(3);
  vi.advanceTimersByTime(99);
  expect(told).toEqual([1]);
  vi.advanceTimersByTime(1);
  expect(told).toEqual([1, 3]);
  vi.advanceTimersByTime(500);
  tell(4);
  expect(told).toEqual([1, 3, 4]);
  tell(5);
  stop();
  vi.advanceTimersByTime(500);
  expect(told).toEqual([1, 3, 4]);
});
