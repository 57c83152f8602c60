/** Storing the text of the open post while it is written, off the page's thread. */
import * as Comlink from "comlink";
import { type TextChange, TextKeeper } from "./textKeeper";

const keeper = new TextKeeper();
const api = {
  keep: (change: TextChange): Promise<boolean> => keeper.keep(change),
  note: (change: TextChange): Promise<boolean> => keeper.note(change),
};

export type SaveApi = typeof api;
Comlink.expose(api);
