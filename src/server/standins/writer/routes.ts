/**
 * A small writer for tests and for trying a connection out: it speaks chat completions with server-sent events and knows nothing. It says
 * back what stands in the material that it is given; the name of its model asks for trouble.
 */
import { type Response, Router } from "express";
import { answerTo } from "./answer";
import { HOSTILE } from "./hostile";

interface Chat {
  model?: string;
  stream?: boolean;
  messages?: { role: string; content: string }[];
}

const PAUSE = 15;
const SLOW_PAUSE = 400;
const HUGE = 10_000_000;

/** Ways to answer, by the model that is asked for. */
const MODELS: Record<string, (response: Response, text: string, number: number) => Promise<void> | void> = {
  "test-writer": (response, text) => stream(response, text, PAUSE),
  "test-slow": (response, text) => stream(response, text, SLOW_PAUSE),
  "test-broken": async (response, text) => {
    await words(response, text.slice(0, Math.floor(text.length / 2)), PAUSE);
    response.destroy();
  },
  "test-endless": async (response) => {
    while (!response.destroyed) await words(response, "and so it goes on and on ", PAUSE);
  },
  "test-wrong": (response) =>
    void response.type("text/html").send("<!doctype html><title>Not a writer</title><p>Hello"),
  "test-huge": async (response) => {
    for (let sent = 0; sent < HUGE && !response.destroyed; sent += 100_000) {
      event(response, "x".repeat(100_000));
      await new Promise((resolve) => setImmediate(resolve));
    }
    done(response);
  },
  "test-hostile": (response, _text, number) => stream(response, HOSTILE[number % HOSTILE.length]!, PAUSE),
  "test-refusing": (response) => void response.status(401).json({ error: { message: "no key" } }),
  "test-whole": (response, text) =>
    void response.json({ choices: [{ message: { role: "assistant", content: text } }] }),
};

export function writerRoutes(): Router {
  const router = Router();
  let turn = 0;
  router.get("/v1/models", (_request, response) => {
    response.json({ object: "list", data: Object.keys(MODELS).map((id) => ({ id, object: "model" })) });
  });
  router.post("/v1/chat/completions", async (request, response) => {
    const { model = "test-writer", messages = [] } = request.body as Chat;
    const [kind, number] = model.split(":");
    const answer = MODELS[kind!];
    if (!answer) {
      response.status(404).json({ error: { message: `There is no model “${model}”.` } });
      return;
    }
    await answer(
      response,
      answerTo(messages.findLast(({ role }) => role === "user")?.content ?? ""),
      number ? Number(number) : turn++,
    );
  });
  return router;
}

async function stream(response: Response, text: string, pause: number): Promise<void> {
  await words(response, text, pause);
  done(response);
}

async function words(response: Response, text: string, pause: number): Promise<void> {
  for (const piece of text.match(/\S+\s*|\s+/g) ?? []) {
    if (response.destroyed) return;
    event(response, piece);
    await new Promise((resolve) => setTimeout(resolve, pause));
  }
}

function event(response: Response, content: string): void {
  if (response.destroyed) return;
  if (!response.headersSent) response.type("text/event-stream").flushHeaders();
  response.write(`data: ${JSON.stringify({ choices: [{ index: 0, delta: { content } }] })}\n\n`);
}

function done(response: Response): void {
  if (response.destroyed) return;
  response.write("data: [DONE]\n\n");
  response.end();
}
