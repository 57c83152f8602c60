/** The workers as the application calls them; each starts when first needed. */
import * as Comlink from "comlink";
import type { DraftApi } from "./draft.worker";
import type { ProofApi } from "./proof.worker";

let proof: Comlink.Remote<ProofApi> | undefined;
let draft: Comlink.Remote<DraftApi> | undefined;

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
