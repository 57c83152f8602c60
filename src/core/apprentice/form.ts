/** What an answer looks like: its parts as a text and as a value, and the way back from a text that somebody pasted. */
import type { TSchema } from "@sinclair/typebox";
import type { LanguagePack } from "../text/packs/pack";
import type { Part } from "./shapes";

/** A part before anybody has said what it was made from. */
export type BarePart = Pick<Part, "field" | "text">;

export interface Form {
  id: string;
  /** JSON schema of the value. */
  schema: TSchema;
  /** How a writer is to answer, in words that stand in a prompt. */
  says: string;
  text(parts: readonly BarePart[]): string;
  value(parts: readonly BarePart[]): unknown;
  /**
   * Reads an answer as assistants give them: with fences, numbers, marks and chatter.
   *
   * @returns one list of parts an answer; a reason where there is nothing of the form in it
   */
  parse(pasted: string, pack: LanguagePack): BarePart[][] | { refused: string };
}
