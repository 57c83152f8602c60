/**
 * The way to a connected writer: a service that speaks chat completions with server-sent events, as local model servers do. The browser may
 * only talk to this server, so what it asks goes through it: to a connection of the application's settings, with the key that the browser holds
 * and sends along each time, with no redirects, within bounds of time and size. Of the answer only its text comes through, a line of JSON a
 * piece; a browser that goes away ends the question.
 */

import { EventSourceParserStream } from "eventsource-parser/stream";
import { type Response, Router } from "express";
import { Agent, request } from "undici";
import { answerError } from "../errors";
import { AddressRefused, checkAddress, guardedLookup, type Reach } from "./addressRules";
import type { Connections } from "./connections";
import { readBounded } from "./readBounded";

const MOST_BYTES = 12_000_000;
/** What is taken of an answer that is no stream. */
const MOST_WHOLE = 2_000_000;
/** Characters of text that are passed on. */
const MOST_TEXT = 500_000;
const LONGEST_SILENCE = 60_000;
const LONGEST = 600_000;

interface ChatQuestion {
  model: string;
  temperature: number;
  messages: { role: "system" | "user"; content: string }[];
}

export function writerRelay(connections: Connections, reach: Reach): Router {
  const agent = new Agent({
    connect: { lookup: guardedLookup(reach), timeout: 15_000 },
    bodyTimeout: LONGEST_SILENCE,
    headersTimeout: LONGEST_SILENCE,
  });
  const router = Router();
  router.post("/:id", async (incoming, response) => {
    const base = connections.address(incoming.params.id);
    if (!base)
      return answerError(
        response,
        404,
        "unknown-connection",
        "This connection is not known here (any more).",
      );
    const question = questionOf(incoming.body);
    if (!question) return answerError(response, 400, "bad-question", "This is no question to a writer.");
    const gone = new AbortController();
    response.on("close", () => gone.abort());
    const signal = AbortSignal.any([gone.signal, AbortSignal.timeout(LONGEST)]);
    try {
      const url = checkAddress(`${base.href.replace(/\/+$/, "")}/chat/completions`, reach);
      const key = incoming.get("X-Writer-Key");
      const answer = await request(url, {
        method: "POST",
        dispatcher: agent,
        headers: {
          "content-type": "application/json",
          accept: "text/event-stream, application/json",
          ...(key && { authorization: `Bearer ${key}` }),
        },
        body: JSON.stringify({ ...question, stream: true }),
        signal,
      });
      if (answer.statusCode !== 200) {
        answer.body.destroy();
        return answerError(response, 502, "refused", refusal(answer.statusCode));
      }
      response.status(200).type("application/x-ndjson");
      response.setHeader("Cache-Control", "no-store");
      response.flushHeaders();
      const type = String(answer.headers["content-type"] ?? "");
      if (type.includes("text/event-stream")) await passStream(answer.body, response);
      else pass(response, { text: wholeText(await readBounded(answer.body, MOST_WHOLE)) });
      pass(response, { done: true });
      response.end();
    } catch (error) {
      if (gone.signal.aborted) return;
      const cause = error instanceof Error && error.cause instanceof AddressRefused ? error.cause : error;
      const [status, code, message] =
        cause instanceof AddressRefused ? [400, "address-refused", cause.message] : trouble(cause, base);
      if (!response.headersSent)
        return answerError(response, status as number, code as string, message as string);
      pass(response, { error: { code, message } });
      response.end();
    }
  });
  return router;
}

/** What is wrong with an answer, in words for people. */
class BadAnswer extends Error {}

const trouble = (error: unknown, base: URL): [number, string, string] => {
  if (error instanceof BadAnswer) return [502, "bad-answer", error.message];
  return [
    502,
    "not-reached",
    `No writer answered at ${base.host}: nothing is there, it took too long, or the connection broke. What had arrived is kept.`,
  ];
};

const refusal = (status: number): string =>
  status === 401 || status === 403
    ? "The writer asks for a key, or refuses the one that it got. Look at the connection in Settings."
    : status === 404
      ? "The writer has nothing at this address, or no such model. Look at the connection in Settings."
      : status === 429
        ? "The writer has too much to do. Wait a little and ask again."
        : `The writer answered with an error (${status}).`;

function questionOf(body: unknown): ChatQuestion | null {
  const question = body as ChatQuestion | null;
  const messages = question?.messages;
  if (typeof question?.model !== "string" || !Array.isArray(messages) || messages.length > 20) return null;
  if (!messages.every(({ role, content }) => /^(?:system|user)$/.test(role) && typeof content === "string"))
    return null;
  const { temperature } = question;
  return {
    model: question.model,
    temperature: typeof temperature === "number" && temperature >= 0 && temperature <= 2 ? temperature : 0.6,
    messages: messages.map(({ role, content }) => ({ role, content })),
  };
}

function pass(response: Response, line: object): void {
  if (!response.writableEnded) response.write(`${JSON.stringify(line)}\n`);
}

async function passStream(body: AsyncIterable<Uint8Array>, response: Response): Promise<void> {
  let text = 0;
  const events = bounded(body)
    .pipeThrough(new TextDecoderStream())
    .pipeThrough(new EventSourceParserStream());
  for await (const { data } of events) {
    if (data === "[DONE]") return;
    const piece = pieceOf(data);
    if (!piece) continue;
    text += piece.length;
    if (text > MOST_TEXT)
      throw new BadAnswer("The writer did not stop: more came than an answer has. What had arrived is kept.");
    pass(response, { text: piece });
  }
  if (!text) throw new BadAnswer("The writer answered with nothing that can be read.");
}

function bounded(body: AsyncIterable<Uint8Array>): ReadableStream<Uint8Array<ArrayBuffer>> {
  let bytes = 0;
  const source = body[Symbol.asyncIterator]();
  return new ReadableStream({
    async pull(controller) {
      const { value, done } = await source.next();
      if (done) return controller.close();
      bytes += value.length;
      if (bytes > MOST_BYTES)
        return controller.error(
          new BadAnswer("The writer sent more than an answer has. What had arrived is kept."),
        );
      controller.enqueue(value as Uint8Array<ArrayBuffer>);
    },
    cancel: () => void source.return?.(),
  });
}

/** The text of an event; "" of one without any. */
function pieceOf(data: string): string {
  let value: unknown;
  try {
    value = JSON.parse(data);
  } catch {
    throw new BadAnswer("The writer answered in a way that the application does not understand.");
  }
  const { choices, error } = (value ?? {}) as {
    choices?: { delta?: { content?: unknown }; text?: unknown }[];
    error?: unknown;
  };
  if (error) throw new BadAnswer("The writer says that it failed. What had arrived is kept.");
  const content = choices?.[0]?.delta?.content ?? choices?.[0]?.text;
  return typeof content === "string" ? content : "";
}

function wholeText(bytes: Buffer): string {
  let value: unknown;
  try {
    value = JSON.parse(bytes.toString("utf8"));
  } catch {
    throw new BadAnswer("The writer answered in a way that the application does not understand.");
  }
  const content = (value as { choices?: { message?: { content?: unknown } }[] } | null)?.choices?.[0]?.message
    ?.content;
  if (typeof content !== "string" || !content)
    throw new BadAnswer("The writer answered in a way that the application does not understand.");
  return content.slice(0, MOST_TEXT);
}
