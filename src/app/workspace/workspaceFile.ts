import * as Comlink from "comlink";
import type { AppThunk } from "../store/thunk";
import type { OnStep } from "./workspace";

/** The whole workspace as one file; null where the person ended it. */
export const workspaceFile =
  (onStep: OnStep, signal: AbortSignal): AppThunk<Promise<{ file: Blob; when: string } | null>> =>
  async (_dispatch, _getState, { saver, workers }) => {
    await saver.flush();
    const when = new Date().toISOString();
    try {
      const file = await workers.withFiles(signal, (files) =>
        files.packWorkspace(
          when,
          Comlink.proxy((done: number, of: number) => onStep({ doing: "Packing", done, of })),
        ),
      );
      return { file, when };
    } catch (error) {
      if (signal.aborted) return null;
      throw error;
    }
  };
