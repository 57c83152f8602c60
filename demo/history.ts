/** How some of the demo's posts came about: earlier states with what they scored then. */
import type { EditorDoc } from "../src/core/blocks/editorJson";
import { proof } from "../src/core/proof/proof";
import { draftOf, noPlan, proofContext } from "../src/data/draft";
import type { Post, PostVersion, Site, VersionBody } from "../src/data/model";

/** Post, and of each earlier state: the day, the share of the text that was there, and whether the description was. */
const HISTORY: Record<string, [day: string, share: number, described: boolean, why: string][]> = {
  "cargo-bike-maintenance": [
    ["2026-10-05T10:20:00.000Z", 0.35, false, "end of a session"],
    ["2026-10-12T15:05:00.000Z", 0.8, true, "end of a session"],
  ],
  "cargo-bike-hire": [
    ["2026-10-14T08:50:00.000Z", 0.3, false, "start of a session"],
    ["2026-10-19T11:30:00.000Z", 0.7, false, "end of a session"],
    ["2026-10-26T16:10:00.000Z", 0.9, true, "end of a session"],
  ],
  "e-bike-battery-in-winter": [
    ["2026-10-28T09:15:00.000Z", 0.4, false, "end of a session"],
    ["2026-11-03T14:40:00.000Z", 0.85, true, "end of a session"],
  ],
  "delivery-by-cargo-bike": [
    ["2026-11-06T10:00:00.000Z", 0.3, false, "end of a session"],
    ["2026-11-11T13:25:00.000Z", 0.75, true, "end of a session"],
  ],
};

export function demoHistory(
  posts: readonly { post: Post; doc: EditorDoc }[],
  site: Site,
): { versions: PostVersion[]; versionBodies: VersionBody[] } {
  const all = posts.map(({ post }) => post);
  const versions = posts.flatMap(({ post, doc }) =>
    (HISTORY[post.id] ?? []).map(([savedAt, share, described, why], i) => {
      const then: Post = { ...post, description: described ? post.description : "" };
      const content = doc.content.slice(0, Math.ceil(doc.content.length * share));
      const early: EditorDoc = { type: "doc", content };
      const { score, words } = proof(draftOf(then, site, early), proofContext(then, all, site, noPlan));
      const { title, metaTitle, description } = then;
      const id = `${post.id}-version-${i + 1}`;
      const version: PostVersion = {
        id,
        postId: post.id,
        savedAt,
        name: "",
        why,
        words,
        score,
        fields: { title, metaTitle, description },
      };
      return { version, body: { versionId: id, doc: early } };
    }),
  );
  return {
    versions: versions.map(({ version }) => version),
    versionBodies: versions.map(({ body }) => body),
  };
}
