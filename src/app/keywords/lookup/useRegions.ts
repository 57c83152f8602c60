import { useDependencies } from "../../store/DependenciesContext";
import { useAppDispatch, useAppSelector } from "../../store/hooks";
import { regionsRead } from "../../store/researchSlice";
import { useAsk } from "../../store/useAsk";

/** Asks the service for its regions once a connection; says why where it does not answer. */
export function useRegions(): { failure: string | null; retry: () => void } {
  const { workers } = useDependencies();
  const connection = useAppSelector((state) => state.session.search);
  const dispatch = useAppDispatch();
  const answer = useAsk(async () => {
    const outcome = await workers.keywords.regions(connection);
    if ("failed" in outcome) throw new Error(outcome.failed.message);
    dispatch(regionsRead(outcome.ok.regions));
  }, [connection]);
  return { failure: answer.state === "failed" ? answer.why : null, retry: answer.retry };
}
