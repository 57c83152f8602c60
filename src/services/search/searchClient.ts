/** Asks the search service: the stand-in that ships with the application, or one at another address that speaks the same interface. */
import type { SearchConnection } from "../../data/model";
import { type SearchOperation, type SearchOperations, searchAnswer } from "../../data/schemas/search";
import { validates } from "../../data/schemas/validate";

const LONGEST_WAIT = 45_000;

/** The service did not give an answer that can be used. The message says what happened, for people. */
export class SearchFailure extends Error {
  override name = "SearchFailure";
  constructor(
    /** "cancelled", "not-reached", "no-answer", "bad-answer" or what the service says. */
    readonly code: string,
    message: string,
  ) {
    super(message);
  }
}

export interface SearchClient {
  /** @throws SearchFailure */
  ask<Operation extends SearchOperation>(
    connection: SearchConnection,
    operation: Operation,
    question: SearchOperations[Operation]["question"],
    signal?: AbortSignal,
  ): Promise<SearchOperations[Operation]["answer"]>;
}

export function createSearchClient(): SearchClient {
  /** What the server calls an address: it asks only those that it was told of. */
  const ids = new Map<string, string>();

  async function idOf(address: string, signal?: AbortSignal): Promise<string> {
    const earlier = ids.get(address);
    if (earlier) return earlier;
    const { id } = (await post("/api/connections", { address }, {}, signal)) as { id: string };
    ids.set(address, id);
    return id;
  }

  return {
    async ask<Operation extends SearchOperation>(
      connection: SearchConnection,
      operation: Operation,
      question: SearchOperations[Operation]["question"],
      signal?: AbortSignal,
    ) {
      const send = async () => {
        const base =
          connection.kind === "stand-in"
            ? "/api/standins/search"
            : `/api/connections/search/${await idOf(connection.address, signal)}`;
        return post(`${base}/${operation}`, question, headers(connection), signal);
      };
      const answer = await send().catch((error: unknown) => {
        if (!(error instanceof SearchFailure) || error.code !== "unknown-connection") throw error;
        // The server was started again since it was told of the connection.
        ids.delete(connection.address);
        return send();
      });
      if (!validates<SearchOperations[Operation]["answer"]>(searchAnswer[operation], answer))
        throw new SearchFailure(
          "bad-answer",
          "The search service answered in a shape that is not the interface's.",
        );
      return answer;
    },
  };
}

/** @throws SearchFailure */
async function post(
  address: string,
  question: unknown,
  more: Record<string, string>,
  signal?: AbortSignal,
): Promise<unknown> {
  const timeout = AbortSignal.timeout(LONGEST_WAIT);
  let response: Response;
  let answer: unknown;
  try {
    response = await fetch(address, {
      method: "POST",
      headers: { "content-type": "application/json", ...more },
      body: JSON.stringify(question),
      signal: signal ? AbortSignal.any([signal, timeout]) : timeout,
    });
    answer = await response.json();
  } catch (error) {
    if (signal?.aborted) throw new SearchFailure("cancelled", "Cancelled.");
    if (timeout.aborted) throw new SearchFailure("no-answer", "The search service did not answer in time.");
    if (error instanceof SyntaxError)
      throw new SearchFailure("bad-answer", "The search service answered with something that is not JSON.");
    throw new SearchFailure("not-reached", "The search service could not be reached.");
  }
  if (!response.ok) {
    const said = (answer as { error?: { code?: string; message?: string } } | null)?.error;
    throw new SearchFailure(
      said?.code ?? "failed",
      said?.message ?? `The search service failed (${response.status}).`,
    );
  }
  return answer;
}

function headers({ kind, delay, errorRate }: SearchConnection): Record<string, string> {
  if (kind === "address") return {};
  return {
    ...(delay > 0 && { "X-Stand-In-Delay": String(delay) }),
    ...(errorRate > 0 && { "X-Stand-In-Error-Rate": String(errorRate) }),
  };
}
