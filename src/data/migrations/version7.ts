import { type Migration, whenNeeded } from "./migration";

/** Categories as a tree, authors and pages that say more of themselves, and what is live, under way or looked at. */
export const version7: Migration = {
  version: 7,
  stores: { liveCopies: "postId", outbox: "id, postId", reviews: "id, postId" },
  upgrade: whenNeeded(() => import("./version7Upgrade")),
};
