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

export interface PageReader {
  /** @throws PageNotRead */
  readAddress(address: string, signal?: AbortSignal): Promise<ReadPageAnswer>;
  /** @throws PageNotRead */
  readPicture(address: string, signal?: AbortSignal): Promise<Blob>;
}

/** @throws PageNotRead */
export async function readAddress(address: string, signal?: AbortSignal): Promise<ReadPageAnswer> {
  const answer = await ask("/api/read-page", address, (response) => response.json(), signal);
  if (!validates<ReadPageAnswer>(readPageAnswer, answer))
    throw new PageNotRead("bad-answer", "The page reader answered in a shape that is not its own.");
  return answer;
}

/** The picture at an address. @throws PageNotRead */
export const readPicture = (address: string, signal?: AbortSignal): Promise<Blob> =>
  ask("/api/read-picture", address, (response) => response.blob(), signal);

async function ask<T>(
  route: string,
  address: string,
  contentOf: (response: Response) => Promise<T>,
  signal: AbortSignal | undefined,
): Promise<T> {
  const timeout = AbortSignal.timeout(LONGEST_WAIT);
  try {
    const response = await fetch(route, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ address }),
      signal: signal ? AbortSignal.any([signal, timeout]) : timeout,
    });
    if (response.ok) return await contentOf(response);
    const said = ((await response.json()) as { error?: { code?: string; message?: string } } | null)?.error;
    throw new PageNotRead(
      said?.code ?? "failed",
      said?.message ?? `The page reader failed (${response.status}).`,
    );
  } catch (error) {
    if (error instanceof PageNotRead) throw error;
    if (signal?.aborted) throw new PageNotRead("cancelled", "Cancelled.");
    if (timeout.aborted) throw new PageNotRead("no-answer", "The page reader did not answer in time.");
    throw new PageNotRead("not-reached", "The page reader could not be reached.");
  }
}
