/** A command of the command line: one file in commands/, and a line in its registry. */

/** Where what it says goes. */
export interface Speech {
  out(text: string): void;
  err(text: string): void;
}

export interface Command {
  name: string;
  usage: string;
  /** @param argv what stands after its name. @returns the exit code */
  run(argv: string[], speech: Speech): Promise<number>;
}

/** The call makes no sense, or names what cannot be read; `message` is for the person who made it. */
export class CallError extends Error {}
