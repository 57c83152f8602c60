/** What each stage shows; loaded when it is first opened. */
import type { ComponentType } from "react";
import type { Stage } from "../../data/stages";

export const STAGE_PARTS: Readonly<Record<Stage, () => Promise<ComponentType>>> = {
  find: async () => (await import("./find/Find")).Find,
  plan: async () => (await import("./plan/Plan")).Plan,
  write: async () => (await import("./write/Write")).Write,
  proof: async () => (await import("./proof/Proof")).Proof,
  release: async () => (await import("./release/Release")).Release,
};
