import { liveQuery } from "dexie";
import { useEffect, useState } from "react";
import { messageOf } from "../../../core/messageOf";
import { listLookUps } from "../../../data/lookUps";
import { lookUpsRead } from "../../store/researchSlice";
import { useAct } from "../../store/store";

/** Keeps the look-ups of the session those of the database while the place is open; says why where they cannot be read. */
export function useLookUps(): { failure: string | null; retry: () => void } {
  const act = useAct();
  const [failure, setFailure] = useState<string | null>(null);
  const [tries, setTries] = useState(0);
  // biome-ignore lint/correctness/useExhaustiveDependencies: trying again reads again
  useEffect(() => {
    setFailure(null);
    const following = liveQuery(listLookUps).subscribe({
      next: (lookUps) => act(lookUpsRead(lookUps)),
      error: (error: unknown) => setFailure(messageOf(error)),
    });
    return () => following.unsubscribe();
  }, [act, tries]);
  return { failure, retry: () => setTries(tries + 1) };
}
