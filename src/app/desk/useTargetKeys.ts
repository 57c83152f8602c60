/** Which posts are for the same keyword. */
import type { Post } from "../../data/model";
import { useAskOrTell } from "../store/useAskOrTell";

/**
 * @returns by post id, keys that agree where the targets of two posts say the same; a post without a target has none. Null until they are known.
 */
export function useTargetKeys(posts: readonly Post[]): ReadonlyMap<string, string> | null {
  const targets = posts.filter(({ keyword }) => keyword.trim());
  // Posts change with every save, their targets hardly ever.
  const about = targets.map(({ id, language, keyword }) => `${id} ${language} ${keyword}`).join("\n");
  return useAskOrTell(
    async ({ workers }) => {
      // Comparing targets needs the language's stems: the worker has them.
      const keys = await workers.proof.stemKeys(
        targets.map(({ keyword, language }) => ({ keyword, language })),
      );
      return new Map(targets.map(({ id }, i) => [id, keys[i]!]));
    },
    [about],
    { otherwise: null },
  );
}
