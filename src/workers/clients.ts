/** The workers as the application calls them; each starts when first needed. */
import * as Comlink from "comlink";
import type { DraftApi } from "./draft.worker";
import type { FieldApi } from "./field.worker";
import type { KeywordsApi } from "./keywords.worker";
import type { PicturesApi } from "./pictures.worker";
import type { ProofApi } from "./proof.worker";
import type { TableFileApi } from "./tableFile.worker";

let proof: Comlink.Remote<ProofApi> | undefined;
let draft: Comlink.Remote<DraftApi> | undefined;
let field: Comlink.Remote<FieldApi> | undefined;
let keywords: Comlink.Remote<KeywordsApi> | undefined;
let pictures: Comlink.Remote<PicturesApi> | undefined;

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

/** A worker for one file; ending it ends what it does. */
export function tableFileWorker(): { api: Comlink.Remote<TableFileApi>; end: () => void } {
  const worker = new Worker(new URL("./tableFile.worker.ts", import.meta.url), {
    type: "module",
    name: "table file",
  });
  return { api: Comlink.wrap<TableFileApi>(worker), end: () => worker.terminate() };
}
