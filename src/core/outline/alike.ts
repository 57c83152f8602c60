/** When a heading of an outline is about what a heading, topic or question of the competing pages is about. */
import { headingStems } from "../competitors/coverage";
import { contentStems } from "../competitors/questions";
import { subjectsBySets } from "../competitors/subjectWords";
import { jaccard } from "../competitors/topics";
import { analyseText } from "../text/analyse";
import type { LanguagePack } from "../text/packs/pack";

/** Common stems over all stems, as for the coverage of a draft. */
const ABOUT = 0.5;

export type About = (text: string, others: readonly ReadonlySet<string>[]) => boolean;

/**
 * @param keyword the target keyword, which tells no two headings apart
 * @param topics what headings are compared with, where there is any: by their words compounds are read
 */
export function alikeBeside(
  keyword: string,
  pack: LanguagePack,
  topics: readonly { stems: readonly (readonly string[])[] }[] = [],
) {
  const ignored = new Set(contentStems(keyword, pack));
  const subjectsOf = subjectsBySets(
    topics.flatMap(({ stems: sets }) => sets),
    pack,
  );
  const cache = new Map<string, ReadonlySet<string>>();
  const stems = (text: string): ReadonlySet<string> => {
    let cached = cache.get(text);
    if (!cached) {
      cached = headingStems(analyseText(text, pack), ignored, pack, subjectsOf);
      cache.set(text, cached);
    }
    return cached;
  };
  return {
    stems,
    same: (a: string, b: string): boolean => jaccard(stems(a), stems(b)) >= ABOUT,
    isAny: ((text, others) => others.some((one) => jaccard(stems(text), one) >= ABOUT)) satisfies About,
  };
}
