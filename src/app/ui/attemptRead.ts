import { messageOf } from "../../core/messageOf";
import { toast } from "./toast";

/** Waits for something that was asked for by a click; a failure is said, and what was there stays. */
export function attemptRead(work: Promise<unknown>): void {
  work.catch((error: unknown) => {
    toast.error(`That did not work: ${messageOf(error)} What was there is unchanged; try again.`, {
      duration: 12_000,
    });
  });
}
