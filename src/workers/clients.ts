/** The workers as the application calls them; each starts when first needed. */
import * as Comlink from "comlink";
import type { DraftApi } from "./draft.worker";
import type { FieldApi } from "./field.worker";
import type { KeywordsApi } from "./keywords.worker";
import type { PicturesApi } from "./pictures.worker";
import type { ProofApi } from "./proof.worker";
import type { SaveApi } from "./save.worker";
import type { TableFileApi } from "./tableFile.worker";

let proof: Comlink.Remote<ProofApi> | undefined;
let draft: Comlink.Remote<DraftApi> | undefined;
let field: Comlink.Remote<FieldApi> | undefined;
let keywords: Comlink.Remote<KeywordsApi> | undefined;
let pictures: Comlink.Remote<PicturesApi> | undefined;
let save: Begun<SaveApi> | undefined;

export function proofWorker(): Comlink.Remote<ProofApi> {
  proof ??= Comlink.wrap<ProofApi>(
    new Worker(new URL("./proof.worker.ts", import.meta.url), { type: "module", name: "proof" }),
  );
  return proof;
}

export function draftWorker(): Comlink.Remote<DraftApi> {
  draft ??= Comlink.wrap<DraftApi>(
    new Worker(new URL("./draft.worker.ts", import.meta.url), { type: "module", name: "draft" }),
  );
  return draft;
}

export function fieldWorker(): Comlink.Remote<FieldApi> {
  field ??= Comlink.wrap<FieldApi>(
    new Worker(new URL("./field.worker.ts", import.meta.url), { type: "module", name: "field" }),
  );
  return field;
}

export function keywordsWorker(): Comlink.Remote<KeywordsApi> {
  keywords ??= Comlink.wrap<KeywordsApi>(
    new Worker(new URL("./keywords.worker.ts", import.meta.url), { type: "module", name: "keywords" }),
  );
  return keywords;
}

export function picturesWorker(): Comlink.Remote<PicturesApi> {
  pictures ??= Comlink.wrap<PicturesApi>(
    new Worker(new URL("./pictures.worker.ts", import.meta.url), { type: "module", name: "pictures" }),
  );
  return pictures;
}

export function saveWorker(): Comlink.Remote<SaveApi> {
  save ??= begin<SaveApi>(
    new Worker(new URL("./save.worker.ts", import.meta.url), { type: "module", name: "save" }),
  );
  return save.api;
}

/** Ends the worker, and with it whatever it was still at; the next one knows nothing. */
export function endSaveWorker(): void {
  save?.end();
  save = undefined;
}

interface Begun<Api> {
  api: Comlink.Remote<Api>;
  end: () => void;
}
const begin = <Api>(worker: Worker): Begun<Api> => ({
  api: Comlink.wrap<Api>(worker),
  end: () => worker.terminate(),
});

/** A worker for one file; ending it ends what it does. */
export const tableFileWorker = (): Begun<TableFileApi> =>
  begin(
    new Worker(new URL("./tableFile.worker.ts", import.meta.url), { type: "module", name: "table file" }),
  );
