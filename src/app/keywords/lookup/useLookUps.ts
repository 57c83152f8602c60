import { liveQuery } from "dexie";
import { useEffect } from "react";
import { listLookUps } from "../../../data/lookUps";
import { lookUpsRead } from "../../store/researchSlice";
import { useAct } from "../../store/store";

/** Keeps the look-ups of the session those of the database while the place is open. */
export function useLookUps(): void {
  const act = useAct();
  useEffect(() => {
    const following = liveQuery(listLookUps).subscribe((lookUps) => act(lookUpsRead(lookUps)));
    return () => following.unsubscribe();
  }, [act]);
}
