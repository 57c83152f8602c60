/**
 * A connected writer: a service at another address that speaks chat completions, asked through this application's server. What it
 * writes arrives piece by piece, as plain text; nothing of it is ever markup.
 */
import type { Prompt } from "../../core/apprentice/prompt";
import type { WriterConnection } from "../../data/model";

/** The writer gave no answer that can be used. The message says what happened, for people. */
export class WriterFailure extends Error {
  override name = "WriterFailure";
  constructor(
    /** "stopped", "not-reached", "broken-off", "too-long", "bad-answer" or what the server says. */
    readonly code: string,
    message: string,
  ) {
    super(message);
  }
}

export interface ChatClient {
  /**
   * @param onText told all that has arrived, each time that more has
   * @returns the whole text
   * @throws WriterFailure; what had arrived was told before
   */
  write(
    connection: WriterConnection,
    prompt: Prompt,
    how: { free: number; onText: (all: string) => void; signal: AbortSignal },
  ): Promise<string>;
}

/** More text than that is no answer. */
const MOST_TEXT = 400_000;

/** A line of what the server passes on. */
type Line = { text: string } | { done: true } | { error: { code: string; message: string } };

/** @param keyOf the key for a writer at an address; empty for none */
export function createChatClient(keyOf: (address: string) => Promise<string>): ChatClient {
  /** What the server calls an address: it asks only those that it was told of. */
  const ids = new Map<string, string>();

  async function idOf(address: string, signal: AbortSignal): Promise<string> {
    const earlier = ids.get(address);
    if (earlier) return earlier;
    const answer = await post("/api/connections", { address }, {}, signal);
    const { id } = (await answer.json()) as { id: string };
    ids.set(address, id);
    return id;
  }

  return {
    async write(connection, prompt, { free, onText, signal }) {
      const { address, model } = connection;
      const key = await keyOf(address);
      const ask = async () =>
        post(
          `/api/connections/writer/${await idOf(address, signal)}`,
          { model, temperature: Math.round(free * 12) / 10, messages: messagesOf(prompt) },
          key ? { "X-Writer-Key": key } : {},
          signal,
        );
      try {
        const answer = await ask().catch((error: unknown) => {
          if (!(error instanceof WriterFailure) || error.code !== "unknown-connection") throw error;
          // The server was started again since it was told of the connection.
          ids.delete(address);
          return ask();
        });
        return await readLines(answer, onText, signal);
      } catch (error) {
        if (signal.aborted) throw new WriterFailure("stopped", "Stopped.");
        throw error;
      }
    },
  };
}

const messagesOf = ({ system, user }: Prompt) => [
  { role: "system", content: system },
  { role: "user", content: user },
];

async function post(
  address: string,
  question: unknown,
  headers: Record<string, string>,
  signal: AbortSignal,
): Promise<Response> {
  let response: Response;
  try {
    response = await fetch(address, {
      method: "POST",
      headers: { "content-type": "application/json", ...headers },
      body: JSON.stringify(question),
      signal,
    });
  } catch {
    throw new WriterFailure(
      "not-reached",
      "The writer could not be reached: this application's server did not answer.",
    );
  }
  if (response.ok) return response;
  const said = (await response.json().catch(() => null)) as {
    error?: { code?: string; message?: string };
  } | null;
  throw new WriterFailure(
    said?.error?.code ?? "failed",
    said?.error?.message ?? `The writer failed (${response.status}).`,
  );
}

async function readLines(
  response: Response,
  onText: (all: string) => void,
  signal: AbortSignal,
): Promise<string> {
  if (!response.body) throw new WriterFailure("bad-answer", "The writer answered with nothing.");
  const reader = response.body.pipeThrough(new TextDecoderStream()).getReader();
  // Whoever stops waits for nothing that is on its way.
  const stop = () => void reader.cancel().catch(() => {});
  signal.addEventListener("abort", stop);
  let rest = "";
  let all = "";
  try {
    for (let piece = await reader.read(); !piece.done; piece = await reader.read()) {
      const lines = (rest + piece.value).split("\n");
      rest = lines.pop()!;
      const before = all.length;
      for (const line of lines) {
        const said = lineOf(line);
        if ("error" in said) throw new WriterFailure(said.error.code, said.error.message);
        if ("done" in said) return all;
        all += said.text;
      }
      if (all.length > before) onText(all);
      if (all.length > MOST_TEXT)
        throw new WriterFailure(
          "too-long",
          "The writer did not stop: more came than an answer has. What had arrived is kept.",
        );
    }
  } catch (error) {
    if (error instanceof WriterFailure) throw error;
    throw new WriterFailure("broken-off", "The connection to the writer broke. What had arrived is kept.");
  } finally {
    signal.removeEventListener("abort", stop);
    stop();
  }
  throw new WriterFailure("broken-off", "The writer broke off in the middle. What had arrived is kept.");
}

function lineOf(line: string): Line {
  try {
    return JSON.parse(line) as Line;
  } catch {
    throw new WriterFailure(
      "bad-answer",
      "The writer answered in a way that the application does not understand.",
    );
  }
}
