/** What goes wrong on the server, one structured line each, without any text of a user: no addresses, questions, bodies or messages. */
import type { Request } from "express";
import { type Logger, pino } from "pino";

export type Log = Pick<Logger, "error" | "warn">;

/** @param write takes the lines; standard error where absent */
export const createLog = (write?: { write(line: string): void }): Log =>
  pino({ base: null, timestamp: pino.stdTimeFunctions.isoTime }, write ?? pino.destination(2));

/** The places that an error came through, without its message, which may quote what a user wrote. */
function placesOf(error: unknown): string[] {
  const stack = error instanceof Error ? (error.stack ?? "") : "";
  return stack
    .split("\n")
    .filter((line) => /^\s+at /.test(line))
    .slice(0, 8)
    .map((line) => line.trim());
}

/** The first part of a path: which part of the server it was, and nothing that a person typed. */
const partOf = (request: Request): string =>
  /^\/(?:api(?:\/(?:standins|connections|read-page)(?:\/(?:search|photos))?)?|assets|demo)?/.exec(
    request.originalUrl,
  )?.[0] ?? "/";

export function logFailure(log: Log, request: Request, status: number, error: unknown): void {
  const { name, code } = (error ?? {}) as { name?: string; code?: unknown };
  log.error(
    {
      method: request.method,
      part: partOf(request),
      status,
      error: name ?? typeof error,
      ...(typeof code === "string" && /^[\w-]{1,40}$/.test(code) && { code }),
      at: placesOf(error),
    },
    "request failed",
  );
}
