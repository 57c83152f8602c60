/** A workspace file that a call names. */
import { readFileSync } from "node:fs";
import { messageOf } from "../core/messageOf";
import { ShapeError } from "../data/schemas/validate";
import { readWorkspace } from "../data/workspace/read";
import type { Workspace } from "../data/workspace/workspaceFile";
import { CallError } from "./command";

/** @throws CallError where it cannot be read, or is none */
export async function openWorkspace(path: string): Promise<Workspace> {
  let bytes: Buffer;
  try {
    bytes = readFileSync(path);
  } catch (error) {
    throw new CallError(`The workspace file cannot be read: ${messageOf(error)}`);
  }
  try {
    return await readWorkspace(new Blob([new Uint8Array(bytes)]));
  } catch (error) {
    if (!(error instanceof ShapeError)) throw new CallError(messageOf(error));
    throw new CallError([error.message, ...error.faults.map((fault) => `  ${fault}`)].join("\n"));
  }
}
