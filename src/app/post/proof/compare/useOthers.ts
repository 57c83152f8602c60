import { useEffect, useMemo, useState } from "react";
import type { PostVersion } from "../../../../data/model";
import { listVersions } from "../../../../data/versions";
import { postsAdapter, scoresAdapter } from "../../../store/postsSlice";
import { useApp } from "../../../store/store";
import { readOnScreen } from "../../../ui/attemptRead";
import { dayAndTime } from "../../../ui/dates";
import { analyse, analysisKey } from "../../plan/fieldJobs";
import { useOpenPost } from "../../useOpenPost";
import { type Other, postReport, versionReport } from "./others";

const { selectAll } = postsAdapter.getSelectors();
const { selectEntities } = scoresAdapter.getSelectors();

/** All that the open post can be compared with, as far as it is known by now. */
export function useOthers(): (Other & { score?: number })[] {
  const { post, field } = useOpenPost("post", "field");
  const profile = useApp((state) => state.session.profile);
  const posts = useApp((state) => selectAll(state.posts.posts));
  const scores = useApp((state) => selectEntities(state.posts.scores));
  const { analysis, analysed, analysing, failure } = useApp((state) => state.field);
  const versions = usePostVersions(post?.id);
  const wanted = field ? analysisKey(field, profile) : "";
  useEffect(() => {
    if (field && wanted !== analysed && !analysing && !failure) void analyse(field);
  }, [field, wanted, analysed, analysing, failure]);
  return useMemo(() => {
    if (!post) return [];
    const pages = wanted && wanted === analysed ? (analysis?.pages ?? []) : [];
    return [
      ...pages.map((page) => ({
        id: `page ${page.address}`,
        kind: "page" as const,
        name: field?.pages.find(({ address }) => address === page.address)?.title || page.address,
        earlier: false,
        score: page.report.score,
        report: () => Promise.resolve(page.report),
      })),
      ...versions.map((version) => ({
        id: `version ${version.id}`,
        kind: "version" as const,
        name: `${version.name || dayAndTime(version.savedAt)}${version.name ? `, ${dayAndTime(version.savedAt)}` : `, ${version.why}`}`,
        earlier: true,
        report: () => versionReport(post, version),
      })),
      ...posts.flatMap((other) => {
        if (other.id === post.id) return [];
        const score = scores[other.id];
        return {
          id: `post ${other.id}`,
          kind: "post" as const,
          name: other.title || "Untitled post",
          earlier: false,
          report: () => (score ? Promise.resolve(score) : postReport(other)),
        };
      }),
    ];
  }, [post, field, wanted, analysed, analysis, versions, posts, scores]);
}

const NONE: PostVersion[] = [];

export function usePostVersions(postId: string | undefined): PostVersion[] {
  const [versions, setVersions] = useState<PostVersion[]>(NONE);
  useEffect(() => {
    if (!postId) return;
    let wanted = true;
    readOnScreen(() => listVersions(postId).then((all) => wanted && setVersions(all)));
    return () => {
      wanted = false;
    };
  }, [postId]);
  return versions;
}
