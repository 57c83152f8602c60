import { useRef, useState } from "react";
import type { Step } from "../../workspace/workspace";

export interface Task {
  step: Step | null;
  /** What a task did not do, and why; what it throws. */
  failure: unknown;
  cancel(): void;
  run(work: (onStep: (step: Step) => void, signal: AbortSignal) => Promise<void>): Promise<void>;
}

/** One long task at a time, with its progress, a way to end it, and what went wrong. */
export function useTask(): Task {
  const [step, setStep] = useState<Step | null>(null);
  const [failure, setFailure] = useState<unknown>(null);
  const stop = useRef<AbortController | null>(null);
  return {
    step,
    failure,
    cancel: () => stop.current?.abort(),
    async run(work) {
      if (stop.current) return;
      const own = new AbortController();
      stop.current = own;
      setStep({ doing: "Beginning", done: 0, of: 0 });
      setFailure(null);
      try {
        await work(setStep, own.signal);
      } catch (error) {
        setFailure(error);
      } finally {
        stop.current = null;
        setStep(null);
      }
    },
  };
}
