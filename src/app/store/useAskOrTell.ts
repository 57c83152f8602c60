import { useEffect } from "react";
import { toast } from "../ui/toast";
import type { Dependencies } from "./dependencies";
import { useAsk } from "./useAsk";

interface Options<Other> {
  /** What is shown while there is no answer; the same object each time. */
  otherwise: Other;
  /** An answer to an earlier question is none. */
  current?: boolean;
  pause?: number;
  /** What is said of a failure. */
  says?: (why: string) => string;
}

const failed = (why: string): string => `That did not work: ${why} What was there is unchanged.`;

/** Asks for a part of the screen that is empty until its answer is there: a failure is a notice, which offers to ask again. */
export function useAskOrTell<T, Other>(
  ask: (dependencies: Dependencies, signal: AbortSignal) => Promise<T> | T,
  about: readonly unknown[],
  { otherwise, current = false, pause = 0, says = failed }: Options<Other>,
): T | Other {
  const answer = useAsk(ask, about, { pause });
  const { retry } = answer;
  const failure = answer.state === "failed" ? says(answer.why) : "";
  useEffect(() => {
    if (!failure) return;
    toast.error(failure, {
      // What fails alike for many, for all the pictures of a post say, is one notice.
      id: failure,
      duration: 30_000,
      action: { label: "Try again", onClick: retry },
    });
  }, [failure, retry]);
  return answer.state === "ready" && (answer.current || !current) ? answer.value : otherwise;
}
