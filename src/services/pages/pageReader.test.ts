import { afterEach, expect, it, vi } from "vitest";
import { readAddress } from "./pageReader";

const serve = (answer: () => Response | Error) =>
  vi.stubGlobal("fetch", async () => {
    const said = answer();
    if (said instanceof Error) throw said;
    return said;
  });
afterEach(() => {
  vi.unstubAllGlobals();
});

it.each([
  [
    "what the server says",
    () =>
      new Response(JSON.stringify({ error: { code: "refused", message: "It is loopback." } }), {
        status: 403,
      }),
    { code: "refused", message: "It is loopback." },
  ],
  [
    "a failure without a word",
    () => new Response("{}", { status: 502 }),
    { code: "failed", message: "The page reader failed (502)." },
  ],
  ["nobody there", () => new TypeError("fetch failed"), { code: "not-reached" }],
  ["another shape", () => new Response(`{"page":1}`), { code: "bad-answer" }],
])("says why a page was not read: %s", async (_what, answer, failure) => {
  serve(answer);
  await expect(readAddress("https://oakandsleet.example/")).rejects.toMatchObject(failure);
});

it("says that it was cancelled", async () => {
  serve(() => new DOMException("aborted", "AbortError"));
  await expect(readAddress("https://oakandsleet.example/", AbortSignal.abort())).rejects.toMatchObject({
    code: "cancelled",
  });
});
