import type { Fix } from "../../../core/proof/fixes/fix";
import { isPublic } from "../../../core/site/status";
import { useDependencies } from "../../store/DependenciesContext";
import { useAppStore } from "../../store/hooks";
import { useAskOrTell } from "../../store/useAskOrTell";
import { useOpenPost } from "../useOpenPost";
import { fixHelp } from "./fixHelp";

/** What can be fixed in the open post, made anew with each report; null until it is known. */
export function useFixes(): Fix[] | null {
  const { workers } = useDependencies();
  const store = useAppStore();
  const { post, report } = useOpenPost("post", "report");
  const id = post?.id;
  const live = !post || isPublic(post.status);
  return useAskOrTell(
    async () => {
      if (!id || !report) return null;
      const all = await workers.proof.fixes(id, fixHelp(store.getState()));
      // The address of a page that is out is changed on purpose or not at all.
      return all.filter(({ change }) => !live || change.meta?.slug === undefined);
    },
    [id, report, live],
    {
      otherwise: null,
      says: () => "The fixes could not be found. Your text is unchanged. Keep typing to try again.",
    },
  );
}
