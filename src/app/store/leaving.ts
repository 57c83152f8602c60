/** What happens as the page goes: what is not stored is handed over at once, and where that cannot be, leaving asks. */
import { dropLastWords, keepLastWords } from "../../data/lastWords";
import { docOf } from "./savePost";
import type { AppThunk } from "./thunk";

export const watchLeaving =
  (): AppThunk =>
  (_dispatch, getState, { saver }) => {
    /** What there was no room for. */
    const stuck = new Set<string>();

    /** Hands everything that is not stored to storage that answers at once. */
    const handOver = (): void => {
      const at = new Date().toISOString();
      stuck.clear();
      for (const [id, { text, ...change }] of saver.unsaved()) {
        try {
          keepLastWords(id, { ...change, ...(text && { doc: docOf(text()) }) }, at);
        } catch {
          stuck.add(id);
        }
      }
    };
    /** The page is still there: the database is the better place, and what it has needs no last words. */
    const storeAll = async (): Promise<void> => {
      const ids = [...saver.unsaved().keys()];
      await saver.flush();
      const unsaved = saver.unsaved();
      for (const id of ids) if (!unsaved.has(id)) dropLastWords(id);
    };
    window.addEventListener("pagehide", handOver);
    document.addEventListener("visibilitychange", () => {
      if (document.visibilityState !== "hidden") return;
      handOver();
      void storeAll();
    });
    window.addEventListener("beforeunload", (event) => {
      handOver();
      if (stuck.size || getState().openPost.saving.state === "failed") event.preventDefault();
      // Somebody may yet stay.
      setTimeout(() => void storeAll());
    });
    // Kept by the browser and shown again: what it holds may be older than what is stored by now.
    window.addEventListener("pageshow", (event) => {
      if (event.persisted) window.location.reload();
    });
  };
