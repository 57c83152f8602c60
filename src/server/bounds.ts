/** Bounds on the work that is done at once: what is beyond waits its turn, and what is far beyond is sent away. */
import type { NextFunction, Request, Response } from "express";

/** Answers that are made at once, and that may wait for their turn. */
const MOST_AT_ONCE = 64;
const MOST_WAITING = 4000;

export function atOnce(most = MOST_AT_ONCE, mostWaiting = MOST_WAITING) {
  const waiting: (() => void)[] = [];
  const running = new Set<Response>();

  const begin = (response: Response, next: NextFunction): void => {
    running.add(response);
    // Whether it was sent or its reader went away.
    response.once("close", () => {
      running.delete(response);
      waiting.shift()?.();
    });
    next();
  };
  return (_request: Request, response: Response, next: NextFunction): void => {
    if (running.size < most) begin(response, next);
    else if (waiting.length >= mostWaiting)
      response.status(503).set("Retry-After", "2").type("text/plain").send("Too much at once. Try again.\n");
    else {
      const turn = () => begin(response, next);
      waiting.push(turn);
      // Nobody waits any more.
      response.once("close", () => {
        const at = waiting.indexOf(turn);
        if (at >= 0) waiting.splice(at, 1);
      });
    }
  };
}
