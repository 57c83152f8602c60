/** What can be done with the text that is suggested at the cursor. */
import { Button } from "../../../ui/Button";
import type { GhostControl } from "./useGhost";

export function GhostBar({ state, accept, drop }: GhostControl) {
  if (state === "none") return null;
  return (
    <section
      aria-label="Suggested text"
      className="sticky bottom-9 z-20 mx-auto flex w-fit items-center gap-2 rounded border border-dashed border-edge bg-sheet px-3 py-1.5 shadow-lg"
    >
      <span role="status" className="text-[13px] text-ink-2">
        {state === "arriving" ? "Writing …" : "Suggested at the cursor"}
      </span>
      <Button kind="primary" onClick={() => accept(false)}>
        Accept (Tab)
      </Button>
      <Button onClick={() => accept(true)}>Accept and change</Button>
      <Button kind="quiet" onClick={drop}>
        {state === "arriving" ? "Stop (Esc)" : "Drop (Esc)"}
      </Button>
    </section>
  );
}
