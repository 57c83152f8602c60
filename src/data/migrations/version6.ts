import type { Migration } from "./migration";

/** The last keys of a post until its text is stored whole, and addresses that were given up. */
export const version6: Migration = {
  version: 6,
  stores: { journal: "postId", redirects: "id, from, postId" },
};
