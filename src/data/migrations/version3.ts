import type { Migration } from "./migration";

/** Competing pages and the drawer are kept by post. */
export const version3: Migration = {
  version: 3,
  stores: { fields: "id, postId", fieldBodies: "fieldId", drawer: "id, postId, createdAt" },
};
