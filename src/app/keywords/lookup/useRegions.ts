import { useEffect, useState } from "react";
import { keywordsWorker } from "../../../workers/clients";
import { regionsRead } from "../../store/researchSlice";
import { useAct, useApp } from "../../store/store";

/** Asks the service for its regions once a connection; says why where it does not answer. */
export function useRegions(): { failure: string | null; retry: () => void } {
  const connection = useApp((state) => state.session.search);
  const act = useAct();
  const [failure, setFailure] = useState<string | null>(null);
  const [tried, setTried] = useState(0);
  // biome-ignore lint/correctness/useExhaustiveDependencies: trying again asks again
  useEffect(() => {
    let current = true;
    keywordsWorker()
      .regions(connection)
      .then(
        (outcome) => {
          if (!current) return;
          if ("ok" in outcome) act(regionsRead(outcome.ok.regions));
          setFailure("ok" in outcome ? null : outcome.failed.message);
        },
        (error: Error) => current && setFailure(error.message),
      );
    return () => {
      current = false;
    };
  }, [connection, act, tried]);
  return { failure, retry: () => setTried(tried + 1) };
}
