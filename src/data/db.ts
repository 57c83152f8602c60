/** The database. Only src/data opens it. */
import Dexie, { type EntityTable } from "dexie";
import type { KeywordRow } from "../core/keywords/keyword";
import { tableOf } from "../core/keywords/table";
import { storedBody } from "./bodies";
import { headOf, listOfPost } from "./listOfPost";
import type {
  Asset,
  Body,
  DrawerEntry,
  FieldBody,
  Idea,
  JournalEntry,
  ListBody,
  ListHead,
  LookUp,
  LookUpBody,
  Original,
  Outline,
  Post,
  PostField,
  PostScore,
  PostVersion,
  Recording,
  Redirect,
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
  fields!: EntityTable<PostField, "id">;
  fieldBodies!: EntityTable<FieldBody, "fieldId">;
  drawer!: EntityTable<DrawerEntry, "id">;
  journal!: EntityTable<JournalEntry, "postId">;
  redirects!: EntityTable<Redirect, "id">;

  constructor(name = "dune-sparrow") {
    // What is said to be saved is on the disk: a browser that is killed the next moment has it (Indexed Database API 3.0, durability).
    super(name, { chromeTransactionDurability: "strict" });
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
    // The one flat file of keywords becomes a look-up, and every post's keywords a list.
    this.version(2)
      .stores({ listBodies: "listId", lookUps: "id, openedAt", lookUpBodies: "lookUpId", keywords: null })
      .upgrade(async (change) => {
        const rows = (await change.table("keywords").toArray()) as KeywordRow[];
        const flat = flatFile(rows, "");
        if (flat) {
          await change.table("lookUps").add(flat.lookUp);
          await change.table("lookUpBodies").add(flat.body);
        }
        for (const post of (await change.table("posts").toArray()) as Post[]) {
          if (!post.keyword && !post.supporting.length) continue;
          const list = listOfPost(post, rows);
          await change.table("lists").put(headOf(list));
          await change.table("listBodies").put({ listId: list.id, keywords: list.keywords });
        }
      });
    // Fields and the drawer are kept by post.
    this.version(3).stores({
      fields: "id, postId",
      fieldBodies: "fieldId",
      drawer: "id, postId, createdAt",
    });
    // What a version looked like is apart from the list of them, and what was said in a recording from the post.
    this.version(4).stores({ versions: "id, postId", versionBodies: "versionId", recordings: "postId" });
    // A document is kept as one string; the files that pictures were made of are kept beside them.
    this.version(5)
      .stores({ originals: "assetId" })
      .upgrade((change) =>
        change
          .table("bodies")
          .toCollection()
          .modify((body: Partial<Body & StoredBody>, row: { value: object }) => {
            row.value = storedBody(body as Body);
          }),
      );
    // The last keys of a post until its text is stored whole, and addresses that were given up.
    this.version(6).stores({ journal: "postId", redirects: "id, from, postId" });
  }
}

/** Keywords of a workspace from before there were look-ups, as a look-up of their own; null where there are none. */
export function flatFile(
  rows: readonly KeywordRow[],
  when: string,
): { lookUp: LookUp; body: LookUpBody } | null {
  if (!rows.length) return null;
  const lookUp: LookUp = {
    id: "keywords-of-the-site",
    kind: "file",
    seeds: ["Keywords of the site"],
    region: "",
    regionName: "",
    language: "en",
    source: "Keywords of the site",
    standIn: rows.some(({ standIn }) => standIn),
    count: rows.length,
    madeAt: when,
    openedAt: when,
  };
  return { lookUp, body: { lookUpId: lookUp.id, table: tableOf(rows), articles: [] } };
}

export const db = new Database();
