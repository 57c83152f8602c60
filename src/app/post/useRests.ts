import { useSyncExternalStore } from "react";
import { usePostSession } from "./currentSession";

/** A number that is new each time typing has come to rest: stands for the whole document where it is looked over. */
export function useRests(): number {
  const session = usePostSession();
  return useSyncExternalStore(session.subscribeRests, () => session.rests);
}
