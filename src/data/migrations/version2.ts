import { type Migration, whenNeeded } from "./migration";

/** The one flat file of keywords becomes a look-up, and every post's keywords a list. */
export const version2: Migration = {
  version: 2,
  stores: { listBodies: "listId", lookUps: "id, openedAt", lookUpBodies: "lookUpId", keywords: null },
  upgrade: whenNeeded(() => import("./version2Upgrade")),
};
