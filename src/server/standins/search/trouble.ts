import type { Request } from "express";

/** Trouble that a person has asked the stand-in for, to see how the application bears it. */
export interface Trouble {
  /** Milliseconds to wait before answering. */
  delay: number;
  /** Whether this answer fails. */
  fails: boolean;
}

const LONGEST_DELAY = 30_000;

/**
 * Reads what a request asks for: X-Stand-In-Delay in milliseconds, X-Stand-In-Error-Rate from 0 to 1.
 *
 * @param chance a number from 0 up to 1
 */
export function troubleOf(request: Request, chance: number): Trouble {
  const number = (name: string) => Math.max(0, Number(request.get(name) ?? 0) || 0);
  return {
    delay: Math.min(LONGEST_DELAY, number("X-Stand-In-Delay")),
    fails: chance < number("X-Stand-In-Error-Rate"),
  };
}
