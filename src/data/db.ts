/** The database. Only src/data opens it. */
import Dexie, { type EntityTable, type Table } from "dexie";
import type { Asset, Body, Outline, Post, PostScore, Setting, StoredKeyword } from "./model";

export class Database extends Dexie {
  posts!: EntityTable<Post, "id">;
  bodies!: EntityTable<Body, "postId">;
  outlines!: EntityTable<Outline, "postId">;
  scores!: EntityTable<PostScore, "postId">;
  assets!: EntityTable<Asset, "id">;
  keywords!: EntityTable<StoredKeyword, "id">;
  settings!: EntityTable<Setting, "key">;
  /** Kept free for what is to come, so that the first release of each needs no migration of the others. */
  lists!: Table;
  ideas!: Table;
  versions!: Table;
  fields!: Table;
  drawer!: Table;

  constructor(name = "dune-sparrow") {
    super(name);
    this.version(1).stores({
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
    });
  }
}

export const db = new Database();
