/** Storing the text of the open post while it is written, off the page's thread. */
import { type TextChange, TextKeeper } from "./textKeeper";

export function createSaveApi() {
  const keeper = new TextKeeper();

  return {
    keep: (change: TextChange): Promise<boolean> => keeper.keep(change),
    note: (change: TextChange): Promise<boolean> => keeper.note(change),
  };
}

export type SaveApi = ReturnType<typeof createSaveApi>;
