import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { debounceUntilIdle } from "./debounceUntilIdle";

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
});

const typed = (rest: { note(): void }, keys: number, between: number) => {
  for (let key = 0; key < keys; key++) {
    rest.note();
    vi.advanceTimersByTime(between);
  }
};

it("acts once when keys rest, counted from the last of them", () => {
  const act = vi.fn();
  const rest = debounceUntilIdle(
    () => 300,
    () => 5000,
    act,
  );
  typed(rest, 4, 100);
  expect(act).not.toHaveBeenCalled();
  vi.advanceTimersByTime(199);
  expect(act).not.toHaveBeenCalled();
  vi.advanceTimersByTime(3);
  expect(act).toHaveBeenCalledTimes(1);
  vi.advanceTimersByTime(10_000);
  expect(act).toHaveBeenCalledTimes(1);
});

it("acts though keys go on, and again as long after", () => {
  const act = vi.fn();
  const rest = debounceUntilIdle(
    () => 300,
    () => 1000,
    act,
  );
  typed(rest, 10, 100);
  vi.advanceTimersByTime(2);
  expect(act).toHaveBeenCalledTimes(1);
  typed(rest, 10, 100);
  vi.advanceTimersByTime(2);
  expect(act).toHaveBeenCalledTimes(2);
});

it("does not act once stopped, and begins afresh with the next key", () => {
  const act = vi.fn();
  const rest = debounceUntilIdle(
    () => 300,
    () => 1000,
    act,
  );
  rest.note();
  rest.stop();
  vi.advanceTimersByTime(2000);
  expect(act).not.toHaveBeenCalled();
  rest.note();
  vi.advanceTimersByTime(302);
  expect(act).toHaveBeenCalledTimes(1);
});
