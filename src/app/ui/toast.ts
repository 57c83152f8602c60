/**
 * Notices: a line that says what happened, and offers a way back. What shows them is loaded once the first screen stands; what is
 * said before waits for it.
 */

import type { ExternalToast, toast as Shown } from "sonner";
import { freshId } from "../../data/freshId";

type Show = typeof Shown;
type Id = string | number;

/** Notices of one page; tests make their own. */
export function createNotices() {
  const waiting: ((show: Show) => void)[] = [];
  let shown: Show | null = null;

  function whenShown(act: (show: Show) => void): void {
    if (shown) act(shown);
    else waiting.push(act);
  }

  const say =
    (kind: "message" | "error" | "loading") =>
    /** @returns what it is changed or taken away by */
    (text: string, options: ExternalToast = {}): Id => {
      const id = options.id ?? freshId();
      whenShown((show) => show[kind](text, { ...options, id }));
      return id;
    };

  const toast = Object.assign(say("message"), {
    error: say("error"),
    loading: say("loading"),
    dismiss: (id: Id): void => whenShown((show) => show.dismiss(id)),
  });

  /** What shows notices is there: what was said meanwhile is shown now. */
  function showNotices(show: Show): void {
    shown = show;
    for (const act of waiting.splice(0)) act(show);
  }

  return { toast, showNotices };
}

export const { toast, showNotices } = createNotices();
