import type { AppThunk } from "../../store/thunk";
import { toast } from "../../ui/toast";
import type { ImportRun } from "./ImportReport";
import type { Outcome } from "./importPost";

/**
 * Makes posts of files. Several, or what needs to be asked, have a report; one file is there at once, and a report of it would only
 * flash.
 *
 * @param setRun shows how far it is, and then the report
 * @returns the post's id where there is nothing else to show; null otherwise
 */
export const takeFiles =
  (
    chosen: readonly File[],
    setRun: (next: (before: ImportRun | null) => ImportRun | null) => void,
  ): AppThunk<Promise<string | null>> =>
  async (dispatch) => {
    const stop = new AbortController();
    const shown = chosen.length > 1 || /\.zip$/i.test(chosen[0]!.name);
    const show = (next: Partial<ImportRun>) =>
      setRun((before) => ({ done: 0, of: chosen.length, results: null, stop, ...before, ...next }));
    if (shown) show({});
    const { importFiles } = await import("./importPost");
    const results = await dispatch(
      importFiles(chosen, (done, of) => shown && show({ done, of }), stop.signal),
    );
    const [only, ...others] = results;
    if (!only || others.length || "leftAlone" in only || "replace" in only) {
      show({ results });
      return null;
    }
    setRun(() => null);
    say(only);
    return "id" in only ? only.id : null;
  };

function say(only: Outcome): void {
  if ("error" in only) {
    toast.error(`“${only.name}”: ${only.error} Nothing was imported; your posts are unchanged.`, {
      duration: 12_000,
    });
    return;
  }
  toast(`Imported “${only.title || only.name}”.${only.notes.length ? ` ${only.notes.join(" ")}` : ""}`);
}
