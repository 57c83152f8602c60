import type { Migration } from "./migration";

/** A document is kept as one string; the files that pictures were made of are kept beside them. */
export const version5: Migration = {
  version: 5,
  stores: { originals: "assetId" },
  async upgrade(change) {
    await change
      .table("bodies")
      .toCollection()
      .modify((body: { postId: string; doc: unknown }, row: { value: object }) => {
        row.value = { postId: body.postId, json: JSON.stringify(body.doc) };
      });
  },
};
