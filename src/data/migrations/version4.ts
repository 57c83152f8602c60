import type { Migration } from "./migration";

/** What a version looked like is apart from the list of them, and what was said in a recording from the post. */
export const version4: Migration = {
  version: 4,
  stores: { versions: "id, postId", versionBodies: "versionId", recordings: "postId" },
};
