/**
 * The workspace file (.dunesparrow.zip): everything in one file. "workspace.json" holds posts and settings; pictures lie beside it in
 * "pictures/", the keywords of each look-up in "look-ups/" and what was collected of competing pages in "fields/"; "manifest.json" says what
 * each of them was when it was written.
 */
import type { CollectedCompetitors } from "../schemas/collected";
import type { LookUpFile, WorkspaceFile } from "./shapes";

export * from "./format";
export type { LookUpFile, PackedAsset, WorkspaceFile } from "./shapes";

export interface Workspace {
  file: WorkspaceFile;
  /** By the id of the look-up. */
  lookUps: Map<string, LookUpFile>;
  /** By the id of the collection. */
  fields: Map<string, CollectedCompetitors>;
  /** By the path in the file. */
  pictures: Map<string, Uint8Array>;
  /** What is other than it came, or could not be taken, in sentences. */
  notes: string[];
}

/** SHA-256 (FIPS 180-4) of every file beside it, in hexadecimal figures. */
export interface Manifest {
  version: 1;
  files: Record<string, string>;
}

export const JSON_NAME = "workspace.json";
export const MANIFEST_NAME = "manifest.json";
export const lookUpName = (id: string): string => `look-ups/${id}.json`;
export const fieldName = (id: string): string => `fields/${id}.json`;
export const A_WORKSPACE = "a workspace file of Dune Sparrow";

/** SHA-256 of bytes, in hexadecimal figures. */
export async function sha256(bytes: BufferSource): Promise<string> {
  const hash = new Uint8Array(await crypto.subtle.digest("SHA-256", bytes));
  return Array.from(hash, (byte) => byte.toString(16).padStart(2, "0")).join("");
}
