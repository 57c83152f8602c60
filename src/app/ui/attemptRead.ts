import { toast } from "sonner";
import { messageOf } from "../../core/messageOf";

const said = (error: unknown) => `That did not work: ${messageOf(error)} What was there is unchanged`;

/** Waits for something that was asked for by a click; a failure is said, and what was there stays. */
export function attemptRead(work: Promise<unknown>): void {
  work.catch((error: unknown) => {
    toast.error(`${said(error)}; try again.`, { duration: 12_000 });
  });
}

/** The same for what a part of a screen asks by itself: there is no click to repeat, so the notice offers to ask again. */
export function readOnScreen(ask: () => Promise<unknown>): void {
  ask().catch((error: unknown) => {
    toast.error(`${said(error)}.`, {
      // What fails alike for many, for all the pictures of a post say, is one notice.
      id: said(error),
      duration: 30_000,
      action: { label: "Try again", onClick: () => readOnScreen(ask) },
    });
  });
}
