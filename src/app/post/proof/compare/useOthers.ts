import { useMemo } from "react";
import type { PostVersion } from "../../../../data/model";
import { listVersions } from "../../../../data/versions";
import { useAppDispatch, useAppSelector } from "../../../store/hooks";
import { selectPosts, selectScoreEntities } from "../../../store/selectors";
import { useAskOrTell } from "../../../store/useAskOrTell";
import { dayAndTime } from "../../../ui/dates";
import { useAnalysis } from "../../plan/useAnalysis";
import { useOpenPost } from "../../useOpenPost";
import { type Other, postReport, versionReport } from "./others";

/** All that the open post can be compared with, as far as it is known by now. */
export function useOthers(): (Other & { score?: number })[] {
  const dispatch = useAppDispatch();
  const { post, competitors } = useOpenPost("post", "competitors");
  const analysis = useAnalysis();
  const posts = useAppSelector(selectPosts);
  const scores = useAppSelector(selectScoreEntities);
  const versions = usePostVersions(post?.id);
  return useMemo(() => {
    if (!post) return [];
    return [
      ...(analysis?.pages ?? []).map((page) => ({
        id: `page ${page.address}`,
        kind: "page" as const,
        name: competitors?.pages.find(({ address }) => address === page.address)?.title || page.address,
        earlier: false,
        score: page.report.score,
        report: () => Promise.resolve(page.report),
      })),
      ...versions.map((version) => ({
        id: `version ${version.id}`,
        kind: "version" as const,
        name: `${version.name || dayAndTime(version.savedAt)}${version.name ? `, ${dayAndTime(version.savedAt)}` : `, ${version.why}`}`,
        earlier: true,
        report: () => dispatch(versionReport(post, version)),
      })),
      ...posts.flatMap((other) => {
        if (other.id === post.id) return [];
        const score = scores[other.id];
        return {
          id: `post ${other.id}`,
          kind: "post" as const,
          name: other.title || "Untitled post",
          earlier: false,
          report: () => (score ? Promise.resolve(score) : dispatch(postReport(other))),
        };
      }),
    ];
  }, [post, competitors, analysis, versions, posts, scores, dispatch]);
}

const NONE: PostVersion[] = [];

export function usePostVersions(postId: string | undefined): PostVersion[] {
  return useAskOrTell(() => (postId ? listVersions(postId) : NONE), [postId], { otherwise: NONE });
}
