import type { Migration } from "./migration";

/** The first release: posts and one flat file of keywords. */
export const version1: Migration = {
  version: 1,
  stores: {
    posts: "id, stage, status, updatedAt, keyword",
    bodies: "postId",
    outlines: "postId",
    scores: "postId",
    assets: "id",
    keywords: "id",
    settings: "key",
    lists: "id, postId",
    ideas: "id, createdAt",
    versions: "id, postId, [postId+savedAt]",
    fields: "id, keyword",
    drawer: "id, kind, createdAt",
  },
};
