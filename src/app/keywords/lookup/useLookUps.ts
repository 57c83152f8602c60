import { useEffect } from "react";
import { listLookUps } from "../../../data/lookUps";
import { useAppDispatch } from "../../store/hooks";
import { lookUpsRead } from "../../store/researchSlice";
import { useLive } from "../../store/useLive";

/** Keeps the look-ups of the session those of the database while the place is open; says why where they cannot be read. */
export function useLookUps(): { failure: string | null; retry: () => void } {
  const dispatch = useAppDispatch();
  const lookUps = useLive(listLookUps, []);
  const read = lookUps.state === "ready" ? lookUps.value : null;
  useEffect(() => {
    if (read) dispatch(lookUpsRead(read));
  }, [read, dispatch]);
  return { failure: lookUps.state === "failed" ? lookUps.why : null, retry: lookUps.retry };
}
