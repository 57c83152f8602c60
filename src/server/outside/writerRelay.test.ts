import { once } from "node:events";
import { createServer, type Server } from "node:http";
import type { AddressInfo } from "node:net";
import { join } from "node:path";
import express from "express";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { readAnswer } from "../../core/apprentice/readAnswer";
import { TASKS } from "../../core/apprentice/registry";
import { materialOf } from "../../core/apprentice/suggest";
import { defaultProfile } from "../../core/proof/profile";
import { api } from "../api";
import { listen } from "../listen";
import { HOSTILE } from "../standins/writer/hostile";

const demo = join(import.meta.dirname, "../../../demo");
let running: Awaited<ReturnType<typeof listen>>;
let open: Awaited<ReturnType<typeof listen>>;
let odd: Server;
/** What the odd writer answers with, and what it was asked. */
let answer: (response: import("node:http").ServerResponse) => void = () => {};
let heard: { url: string; authorization: string | undefined; body: string } | null = null;

beforeAll(async () => {
  running = await listen(express().use("/api", api({ demo, reach: "this-machine" })), 4620);
  open = await listen(express().use("/api", api({ demo, reach: "public" })), 4640);
  odd = createServer((request, response) => {
    let body = "";
    request.on("data", (piece) => (body += piece));
    request.on("end", () => {
      heard = { url: request.url ?? "", authorization: request.headers.authorization, body };
      answer(response);
    });
  }).listen(0, "127.0.0.1");
  await once(odd, "listening");
});
afterAll(() => {
  running.server.close();
  open.server.close();
  odd.closeAllConnections();
  odd.close();
});

const base = () => `http://127.0.0.1:${running.port}/api`;
const json = { "content-type": "application/json", "Sec-Fetch-Site": "same-origin" };
const question = (model: string, content = "Say something.") => ({
  model,
  temperature: 0.5,
  messages: [{ role: "user", content }],
});

async function connect(address: string, at = base()): Promise<string> {
  const response = await fetch(`${at}/connections`, {
    method: "POST",
    headers: json,
    body: JSON.stringify({ address }),
  });
  return ((await response.json()) as { id: string }).id;
}
const test = () => connect(`${base()}/standins/writer/v1`);
const oddOne = () => connect(`http://127.0.0.1:${(odd.address() as AddressInfo).port}/v1`);

async function ask(
  id: string,
  body: unknown,
  { key = "", signal }: { key?: string; signal?: AbortSignal } = {},
) {
  return fetch(`${base()}/connections/writer/${id}`, {
    method: "POST",
    headers: { ...json, ...(key && { "X-Writer-Key": key }) },
    body: JSON.stringify(body),
    ...(signal && { signal }),
  });
}

type Line = { text?: string; done?: true; error?: { code: string; message: string } };
async function lines(response: Response): Promise<Line[]> {
  return (await response.text())
    .trim()
    .split("\n")
    .map((line) => JSON.parse(line) as Line);
}
const textOf = (all: readonly Line[]) => all.map(({ text = "" }) => text).join("");

describe("the way to a connected writer", () => {
  it("passes on the text of a stream piece by piece, and says when it is done", async () => {
    const response = await ask(
      await test(),
      question("test-writer", "MATERIAL\n- A lock holds\n- Lock it\nEND OF MATERIAL\n\nWrite."),
    );
    expect(response.headers.get("content-type")).toMatch(/ndjson/);
    const all = await lines(response);
    expect(all.length).toBeGreaterThan(4);
    expect(textOf(all)).toBe("A lock holds. Lock it.");
    expect(all.at(-1)).toEqual({ done: true });
  });
  it("passes on an answer that is whole", async () => {
    expect(textOf(await lines(await ask(await test(), question("test-whole"))))).toBe("Say something.");
  });
  it.each([
    ["test-broken", /connection broke/],
    ["test-wrong", /does not understand/],
    ["test-huge", /did not stop/],
  ])("says what happened with %s, after whatever had come", async (model, says) => {
    const all = await lines(await ask(await test(), question(model)));
    expect(all.at(-1)!.error!.message).toMatch(says);
  });
  it.each([
    ["test-refusing", 502, /asks for a key/],
    ["no-such-model", 502, /no such model/],
  ])("says why it is refused: %s", async (model, status, says) => {
    const response = await ask(await test(), question(model));
    expect(response.status).toBe(status);
    expect(((await response.json()) as { error: { message: string } }).error.message).toMatch(says);
  });
  it("ends the question when the browser goes away", async () => {
    let closed: (at: number) => void = () => {};
    const ended = new Promise<number>((resolve) => {
      closed = resolve;
    });
    answer = (response) => {
      response.writeHead(200, { "content-type": "text/event-stream" });
      const timer = setInterval(
        () => response.write('data: {"choices":[{"delta":{"content":"on "}}]}\n\n'),
        5,
      );
      response.on("close", () => {
        clearInterval(timer);
        closed(performance.now());
      });
    };
    const stop = new AbortController();
    const response = await ask(await oddOne(), question("m"), { signal: stop.signal });
    const reader = response.body!.getReader();
    await reader.read();
    stop.abort();
    await expect(ended).resolves.toBeGreaterThan(0);
  });
  it("sends the key along, keeps none, and sends nothing but the question", async () => {
    answer = (response) => {
      response.writeHead(200, { "content-type": "application/json" });
      response.end('{"choices":[{"message":{"content":"Yes."}}]}');
    };
    const id = await oddOne();
    expect(
      textOf(
        await lines(await ask(id, { ...question("m"), tools: ["x"], stream: false }, { key: "secret" })),
      ),
    ).toBe("Yes.");
    expect(heard).toMatchObject({ url: "/v1/chat/completions", authorization: "Bearer secret" });
    expect(JSON.parse(heard!.body)).toEqual({
      model: "m",
      temperature: 0.5,
      stream: true,
      messages: [{ role: "user", content: "Say something." }],
    });
    await lines(await ask(id, question("m")));
    expect(heard!.authorization).toBeUndefined();
  });
  it.each<[string, (response: import("node:http").ServerResponse) => void]>([
    ["a redirect", (response) => response.writeHead(302, { location: "http://127.0.0.1:1/" }).end()],
    ["nothing", (response) => response.writeHead(200, { "content-type": "text/event-stream" }).end()],
    [
      "events that are no JSON",
      (response) => response.writeHead(200, { "content-type": "text/event-stream" }).end("data: {oh\n\n"),
    ],
    [
      "an error among the events",
      (response) =>
        response
          .writeHead(200, { "content-type": "text/event-stream" })
          .end('data: {"error":{"message":"no"}}\n\n'),
    ],
    [
      "text that is no text",
      (response) =>
        response
          .writeHead(200, { "content-type": "text/event-stream" })
          .end('data: {"choices":[{"delta":{"content":{"a":1}}}]}\n\ndata: [DONE]\n\n'),
    ],
    [
      "an answer of another shape",
      (response) => response.writeHead(200, { "content-type": "application/json" }).end('{"choices":"many"}'),
    ],
  ])("tells %s from an answer", async (_name, act) => {
    answer = act;
    const response = await ask(await oddOne(), question("m"));
    const all = response.ok ? await lines(response) : [(await response.json()) as Line];
    expect(textOf(all)).toBe("");
    expect(all.some(({ error }) => error) || all.at(-1)?.done).toBeTruthy();
  });
  it("goes nowhere that it may not, and asks nothing that is no question", async () => {
    const refused = await fetch(`http://127.0.0.1:${open.port}/api/connections`, {
      method: "POST",
      headers: json,
      body: JSON.stringify({ address: "http://127.0.0.1:9/v1" }),
    });
    expect(refused.status).toBe(400);
    expect((await ask("nobody", question("m"))).status).toBe(404);
    const id = await oddOne();
    for (const body of [
      {},
      { model: 1 },
      { model: "m", messages: "x" },
      { model: "m", messages: [{ role: "tool", content: "x" }] },
    ])
      expect((await ask(id, body)).status).toBe(400);
  });
  it("has a hundred hostile answers read as plain text, or refused with a reason, by every task", () => {
    const input = { text: "A lock holds.", before: "A lock holds.", question: "Does a lock hold?" };
    const material = materialOf(input, defaultProfile);
    for (const task of TASKS)
      for (const text of HOSTILE) {
        const { answers, missing } = readAnswer(task, text, {
          input,
          material,
          profile: defaultProfile,
          writer: "a model",
        });
        expect(answers.length + missing.length).toBeGreaterThan(0);
        for (const { parts } of answers)
          for (const part of parts) {
            expect(typeof part.text).toBe("string");
            expect(part.from[0]!.kind).toBe("writer");
          }
      }
    expect(({} as { hostile?: boolean }).hostile).toBeUndefined();
  });
  it("passes a hundred hostile answers on as text and nothing else", async () => {
    const id = await test();
    expect(HOSTILE).toHaveLength(100);
    const short = HOSTILE.map((text, at) => ({ text, at })).filter(({ text }) => text.length < 400);
    await Promise.all(
      short.map(async ({ text, at }) =>
        expect(textOf(await lines(await ask(id, question(`test-hostile:${at}`))))).toBe(text),
      ),
    );
  });
});
