/** Asks the page reader of the application's own server for a page that the browser may not fetch. */
import type { ReadPageAnswer } from "../../data/schemas/collected";
import { validates } from "../../data/schemas/validate";
import { readPageAnswer } from "../../data/schemas/validators.generated.js";

const LONGEST_WAIT = 20_000;

/** The page was not read. The message says what happened, for people. */
export class PageNotRead extends Error {
  override name = "PageNotRead";
  constructor(
    /** "cancelled", "not-reached", "no-answer", "bad-answer" or what the page reader says. */
    readonly code: string,
    message: string,
  ) {
    super(message);
  }
}

/** @throws PageNotRead */
export async function readAddress(address: string, signal?: AbortSignal): Promise<ReadPageAnswer> {
  const timeout = AbortSignal.timeout(LONGEST_WAIT);
  let response: Response;
  let answer: unknown;
  try {
    response = await fetch("/api/read-page", {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ address }),
      signal: signal ? AbortSignal.any([signal, timeout]) : timeout,
    });
    answer = await response.json();
  } catch {
    if (signal?.aborted) throw new PageNotRead("cancelled", "Cancelled.");
    if (timeout.aborted) throw new PageNotRead("no-answer", "The page reader did not answer in time.");
    throw new PageNotRead("not-reached", "The page reader could not be reached.");
  }
  if (!response.ok) {
    const said = (answer as { error?: { code?: string; message?: string } } | null)?.error;
    throw new PageNotRead(
      said?.code ?? "failed",
      said?.message ?? `The page reader failed (${response.status}).`,
    );
  }
  if (!validates<ReadPageAnswer>(readPageAnswer, answer))
    throw new PageNotRead("bad-answer", "The page reader answered in a shape that is not its own.");
  return answer;
}
