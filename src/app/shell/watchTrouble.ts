/** What nobody else has caught is said to the person, and never passed over. */

import { messageOf } from "../../core/messageOf";
import { WORKER_STOPPED } from "../../workers/supervise";
import { toast } from "../ui/toast";

/** One notice for each kind of trouble, however often it comes. */
const say = (id: string, text: string): void => {
  toast.error(text, { id, duration: 15_000 });
};

const firstLine = (reason: unknown): string => messageOf(reason).split("\n")[0]!.slice(0, 300);

export function watchTrouble(): void {
  window.addEventListener("unhandledrejection", ({ reason }) => {
    // What was ended on purpose is no trouble.
    if (reason instanceof DOMException && reason.name === "AbortError") return;
    say(
      "rejection",
      `Something did not work: ${firstLine(reason)} What was saved is safe. Try again, and reload the page if it keeps happening.`,
    );
  });
  window.addEventListener("error", ({ message }) => {
    // Told by browsers when a layout takes two frames; nothing has failed.
    if (/ResizeObserver loop/.test(message)) return;
    say(
      "error",
      `Something failed: ${message}. What was saved is safe; reload the page if part of it stops responding.`,
    );
  });
  window.addEventListener(WORKER_STOPPED, (event) => {
    const { name } = (event as CustomEvent<{ name: string }>).detail;
    say(`worker ${name}`, `The part that ${name} stopped and was started again. What was saved is safe.`);
  });
}
