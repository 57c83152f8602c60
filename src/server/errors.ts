import type { Response } from "express";

/** An error as every route under /api answers it: a code for programs, a sentence for people. */
export function answerError(
  response: Response,
  status: number,
  code: string,
  message: string,
  faults?: string[],
): void {
  response.status(status).json({ error: { code, message, ...(faults?.length && { faults }) } });
}
