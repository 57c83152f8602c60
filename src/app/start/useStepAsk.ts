/** Asking the apprentice from a step: the request goes on when the step is left, and its result waits. */
import { useState } from "react";
import type { TaskInput } from "../../core/apprentice/suggest";
import { getSuggestion } from "../../data/drawer";
import type { SuggestionEntry } from "../../data/model";
import { askApprentice } from "../apprentice/ask";
import { useAppDispatch } from "../store/hooks";
import { useLive } from "../store/useLive";
import type { StepProps } from "./step";

export function useStepAsk(task: string, { start, onChange }: StepProps) {
  const dispatch = useAppDispatch();
  const [busy, setBusy] = useState(false);
  const read = useLive(async () => {
    const all = await Promise.all(start.entries.map(getSuggestion));
    return all.filter((entry) => entry?.task === task) as SuggestionEntry[];
  }, [start.entries, task]);
  const entries = read.state === "ready" ? read.value : [];
  const latest = entries.at(-1) ?? null;
  const ask = async (input: TaskInput, variants?: number) => {
    setBusy(true);
    const { id, done } = dispatch(
      askApprentice({
        task,
        input,
        seed: 1 + entries.length,
        source: "stand-in",
        postId: "",
        ...(variants && { variants }),
      }),
    );
    onChange({ entries: [...start.entries, id] });
    await done;
    setBusy(false);
  };
  return { latest, ask, busy: busy || latest?.state === "arriving" };
}
