/** What the search service's client makes of answers, good and bad. */
import { afterEach, describe, expect, it, vi } from "vitest";
import { standInSearch } from "../../data/settings";
import { createSearchClient } from "./searchClient";

const REGIONS = {
  service: "Stand-in search",
  standIn: true,
  regions: [{ code: "uk", name: "United Kingdom", language: "en" }],
};
const elsewhere = { ...standInSearch, kind: "address" as const, address: "https://keywords.example/v1" };
type Call = { address: string; headers: Record<string, string>; body: unknown };

/** A server that answers by address; told of each request. */
function serve(answer: (call: Call) => { status?: number; body: unknown } | Error): Call[] {
  const calls: Call[] = [];
  vi.stubGlobal("fetch", async (address: string, init: RequestInit) => {
    const call = {
      address,
      headers: init.headers as Record<string, string>,
      body: JSON.parse(String(init.body)),
    };
    calls.push(call);
    const said = answer(call);
    if (said instanceof Error) throw said;
    const { status = 200, body } = said;
    return new Response(typeof body === "string" ? body : JSON.stringify(body), { status });
  });
  return calls;
}
afterEach(() => {
  vi.unstubAllGlobals();
});

describe("the search client", () => {
  it("asks the stand-in, with the trouble that it is to make", async () => {
    const calls = serve(() => ({ body: REGIONS }));
    await createSearchClient().ask({ ...standInSearch, delay: 50, errorRate: 0.5 }, "regions", {});
    expect(calls).toMatchObject([
      {
        address: "/api/standins/search/regions",
        headers: { "X-Stand-In-Delay": "50", "X-Stand-In-Error-Rate": "0.5" },
      },
    ]);
  });

  it("tells the server of an address once, and again after the server has forgotten it", async () => {
    let forgotten = false;
    const calls = serve(({ address }) => {
      if (address === "/api/connections") return { body: { id: forgotten ? "second" : "first" } };
      if (forgotten && address.includes("first"))
        return { status: 404, body: { error: { code: "unknown-connection", message: "Unknown." } } };
      return { body: REGIONS };
    });
    const client = createSearchClient();
    await client.ask(elsewhere, "regions", {});
    await client.ask(elsewhere, "regions", {});
    forgotten = true;
    await client.ask(elsewhere, "regions", {});
    expect(calls.map(({ address }) => address)).toEqual([
      "/api/connections",
      "/api/connections/search/first/regions",
      "/api/connections/search/first/regions",
      "/api/connections/search/first/regions",
      "/api/connections",
      "/api/connections/search/second/regions",
    ]);
  });

  it.each([
    [
      "what the service says",
      () => ({ status: 503, body: { error: { code: "busy", message: "Too many." } } }),
      "busy",
      "Too many.",
    ],
    [
      "a failure without a word",
      () => ({ status: 500, body: {} }),
      "failed",
      "The search service failed (500).",
    ],
    ["no JSON", () => ({ body: "<html>" }), "bad-answer", "not JSON"],
    [
      "another shape",
      () => ({ body: { regions: "all" } }),
      "bad-answer",
      "in a shape that is not the interface's",
    ],
    ["nobody there", () => new TypeError("fetch failed"), "not-reached", "could not be reached"],
  ])("fails with a code and words: %s", async (_what, answer, code, message) => {
    serve(answer as never);
    const failure = createSearchClient().ask(standInSearch, "regions", {});
    await expect(failure).rejects.toMatchObject({ name: "SearchFailure", code });
    await expect(failure).rejects.toThrow(message);
  });

  it("says that it was cancelled", async () => {
    const own = new AbortController();
    own.abort();
    serve(() => new DOMException("aborted", "AbortError"));
    await expect(createSearchClient().ask(standInSearch, "regions", {}, own.signal)).rejects.toMatchObject({
      code: "cancelled",
    });
  });
});
