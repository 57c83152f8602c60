/** Three sources of text behind one interface: the writer that ships with the application, a connected one, and a person's own hand. */
import type { Prompt } from "../../core/apprentice/prompt";
import type { WriterSource } from "../../core/apprentice/shapes";
import type { Suggestion } from "../../core/apprentice/suggest";
import type { WriterConnection } from "../../data/model";
import type { ChatClient } from "./chatClient";

export interface Asked {
  /** Told of the text as it arrives, where it does so piece by piece. */
  onText(all: string): void;
  signal: AbortSignal;
}

export interface Writer {
  source: WriterSource;
  /** @throws what went wrong, in words for people */
  write(asked: Asked): Promise<Suggestion>;
}

/** What computes: the apprentice's worker, with the request that is being made. */
export interface Computing {
  suggest(): Promise<Suggestion>;
  prompt(): Promise<Prompt>;
  read(text: string, writer: string, whole: boolean): Promise<Suggestion>;
}

export const standInWriter = (computing: Computing): Writer => ({
  source: "stand-in",
  write: () => computing.suggest(),
});

/** @param free how far the answer may stray, 0 to 1 */
export const connectedWriter = (
  computing: Computing,
  client: ChatClient,
  connection: WriterConnection,
  free: number,
): Writer => ({
  source: "connected",
  async write({ onText, signal }) {
    let arrived = "";
    const name = connection.model || "the connected writer";
    try {
      const text = await client.write(connection, await computing.prompt(), {
        free,
        onText: (all) => {
          arrived = all;
          onText(all);
        },
        signal,
      });
      return await computing.read(text, name, true);
    } catch (error) {
      // What had arrived is an answer too, where anything of the form is in it.
      const partly = arrived.trim()
        ? await computing.read(arrived, name, false)
        : { answers: [], missing: [] };
      throw new BrokenOff(error instanceof Error ? error.message : String(error), signal.aborted, partly);
    }
  },
});

/** A writer stopped, or was stopped, before its end. */
export class BrokenOff extends Error {
  override name = "BrokenOff";
  constructor(
    message: string,
    /** By the person, and not by trouble. */
    readonly stopped: boolean,
    readonly partly: Suggestion,
  ) {
    super(message);
  }
}

/** @param pasted what the person brought back */
export const writerByHand = (computing: Computing, pasted: string): Writer => ({
  source: "by-hand",
  write: () => computing.read(pasted, "an assistant asked by hand", true),
});
