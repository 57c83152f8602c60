import { toast } from "sonner";

/** Waits for something that was asked for by a click; a failure is said, and what was there stays. */
export function attemptRead(work: Promise<unknown>): void {
  work.catch((error: unknown) => {
    toast.error(
      `That did not work: ${error instanceof Error ? error.message : String(error)} What was there is as it was; try again.`,
      { duration: 12_000 },
    );
  });
}
