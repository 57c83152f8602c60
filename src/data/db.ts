/** The database. Only src/data opens it. */
import Dexie, { type EntityTable } from "dexie";
import { MIGRATIONS } from "./migrations/registry";
import type {
  Asset,
  CompetitorBody,
  Competitors,
  DrawerEntry,
  Idea,
  JournalEntry,
  ListBody,
  ListHead,
  LiveCopy,
  LookUp,
  LookUpBody,
  Original,
  OutboxItem,
  Outline,
  Post,
  PostScore,
  PostVersion,
  Recording,
  Redirect,
  Review,
  Setting,
  StoredBody,
  VersionBody,
} from "./model";

export class Database extends Dexie {
  posts!: EntityTable<Post, "id">;
  bodies!: EntityTable<StoredBody, "postId">;
  outlines!: EntityTable<Outline, "postId">;
  scores!: EntityTable<PostScore, "postId">;
  assets!: EntityTable<Asset, "id">;
  originals!: EntityTable<Original, "assetId">;
  settings!: EntityTable<Setting, "key">;
  lists!: EntityTable<ListHead, "id">;
  listBodies!: EntityTable<ListBody, "listId">;
  lookUps!: EntityTable<LookUp, "id">;
  lookUpBodies!: EntityTable<LookUpBody, "lookUpId">;
  ideas!: EntityTable<Idea, "id">;
  versions!: EntityTable<PostVersion, "id">;
  versionBodies!: EntityTable<VersionBody, "versionId">;
  recordings!: EntityTable<Recording, "postId">;
  fields!: EntityTable<Competitors, "id">;
  fieldBodies!: EntityTable<CompetitorBody, "fieldId">;
  drawer!: EntityTable<DrawerEntry, "id">;
  journal!: EntityTable<JournalEntry, "postId">;
  redirects!: EntityTable<Redirect, "id">;
  liveCopies!: EntityTable<LiveCopy, "postId">;
  outbox!: EntityTable<OutboxItem, "id">;
  reviews!: EntityTable<Review, "id">;

  constructor(name = "dune-sparrow") {
    // What is said to be saved is on the disk: a browser that is killed the next moment has it (Indexed Database API 3.0, durability).
    super(name, { chromeTransactionDurability: "strict" });
    for (const { version, stores, upgrade } of MIGRATIONS) {
      const declared = this.version(version).stores(stores);
      if (upgrade) declared.upgrade(upgrade);
    }
  }
}

export const db = new Database();
