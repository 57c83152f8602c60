import type { Finding } from "../../../core/proof/finding";
import type { Try } from "../../../data/model";
import { useDependencies } from "../../store/DependenciesContext";
import { useAskOrTell } from "../../store/useAskOrTell";
import { useOpenPost } from "../useOpenPost";

const PAUSE = 150;

/** The post's score with the fields of each try, in their order; null until they are known. */
export function useTries(tries: readonly Try[]): { score: number; findings: Finding[] }[] | null {
  const { workers } = useDependencies();
  const { post, report } = useOpenPost("post", "report");
  const id = post?.id;
  return useAskOrTell(
    () =>
      id && report
        ? workers.proof.whatIf(
            id,
            tries.map(({ id: _id, ...meta }) => meta),
          )
        : null,
    [id, report, tries],
    {
      otherwise: null,
      pause: PAUSE,
      says: () => "The variants could not be scored. They are kept; change one to try again.",
    },
  );
}
