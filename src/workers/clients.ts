/** The workers as the application calls them; each starts when first needed. */
import type * as Comlink from "comlink";
import type { DraftApi } from "./draft.worker";
import type { FieldApi } from "./field.worker";
import type { FilesApi } from "./files.worker";
import type { KeywordsApi } from "./keywords.worker";
import type { PicturesApi } from "./pictures.worker";
import type { ProofApi } from "./proof.worker";
import type { SaveApi } from "./save.worker";
import { type Supervised, supervise } from "./supervise";
import type { TableFileApi } from "./tableFile.worker";

const proof = supervise<ProofApi>(
  "scores posts",
  () => new Worker(new URL("./proof.worker.ts", import.meta.url), { type: "module", name: "proof" }),
);
export const proofWorker = () => proof.api;

const draft = supervise<DraftApi>(
  "reads and writes texts",
  () => new Worker(new URL("./draft.worker.ts", import.meta.url), { type: "module", name: "draft" }),
);
export const draftWorker = () => draft.api;
/** Milliseconds that reading a text may take, whatever is in it. */
const LONGEST_READING = 20_000;
/** For texts of others, which may be made to be read for ever. */
export const draftReader = () => draft.within(LONGEST_READING);

const field = supervise<FieldApi>(
  "reads and compares pages",
  () => new Worker(new URL("./field.worker.ts", import.meta.url), { type: "module", name: "field" }),
);
export const fieldWorker = () => field.api;

const keywords = supervise<KeywordsApi>(
  "looks keywords up",
  () => new Worker(new URL("./keywords.worker.ts", import.meta.url), { type: "module", name: "keywords" }),
);
export const keywordsWorker = () => keywords.api;

const pictures = supervise<PicturesApi>(
  "makes pictures fit",
  () => new Worker(new URL("./pictures.worker.ts", import.meta.url), { type: "module", name: "pictures" }),
);
export const picturesWorker = () => pictures.api;

const save = supervise<SaveApi>(
  "saves the text",
  () => new Worker(new URL("./save.worker.ts", import.meta.url), { type: "module", name: "save" }),
  { again: false },
);
export const saveWorker = () => save.api;
/** Ends the worker, and with it whatever it was still at; the next one knows nothing. */
export const endSaveWorker = () => save.end();

/** A worker for one file; ending it ends what it does. */
export const tableFileWorker = (): Supervised<TableFileApi> =>
  supervise(
    "reads keyword files",
    () =>
      new Worker(new URL("./tableFile.worker.ts", import.meta.url), { type: "module", name: "table file" }),
    { again: false },
  );

/**
 * Does one task with files in a worker of its own, which ends with it.
 *
 * @param signal ends the task; it rejects then with the signal's reason
 */
export async function withFiles<Answer extends Promise<unknown>>(
  signal: AbortSignal | undefined,
  task: (files: Comlink.Remote<FilesApi>) => Answer,
): Promise<Awaited<Answer>> {
  signal?.throwIfAborted();
  const { api, end } = supervise<FilesApi>(
    "packs and unpacks files",
    () => new Worker(new URL("./files.worker.ts", import.meta.url), { type: "module", name: "files" }),
    { again: false },
  );
  signal?.addEventListener("abort", end);
  try {
    return await task(api);
  } catch (error) {
    signal?.throwIfAborted();
    throw error;
  } finally {
    signal?.removeEventListener("abort", end);
    end();
  }
}
