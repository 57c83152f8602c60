/** What the database keeps. Bodies are apart from posts, so that lists never load them. */

import type { GuidedStart } from "../core/apprentice/guidedStart";
import type { EditorDoc } from "../core/blocks/editorJson";
import type { KeywordList, ListKeyword } from "../core/keywords/list";
import type { KeywordTable } from "../core/keywords/table";
import type { Entry } from "../core/micropub/entry";
import type { Finding } from "../core/proof/finding";
import type { Profile } from "../core/proof/profile";
import type { CollectedCompetitors } from "./schemas/collected";
import type { Article } from "./schemas/search";
import type { BlogConnection, Post, SearchConnection, Site, WriterConnection } from "./shapes";

export type {
  Aim,
  BlogConnection,
  Body,
  CompetitorSource,
  Competitors,
  DrawerEntry,
  Idea,
  KeptOutline,
  LiveCopy,
  LookUp,
  Outline,
  Post,
  PostVersion,
  Recording,
  Redirect,
  Review,
  SearchConnection,
  Site,
  SuggestionEntry,
  Try,
  VersionBody,
  VersionFields,
  WriterConnection,
} from "./shapes";
export type { Stage } from "./stages";

/** A finding as lists show it: no evidence, no text of the post. */
export type ListedFinding = Omit<Finding, "evidence" | "says" | "place">;

/** The last report of a post, as the Desk shows it. Derived: it can be made anew at any time. */
export interface PostScore {
  postId: string;
  /** What it rests on (scoreBasis.ts). */
  scoredAt: string;
  score: number;
  words: number;
  minutes: number;
  findings: ListedFinding[];
}

/** A body as the database keeps it: one string is copied in a fraction of the time that a tree of objects takes, and it is written while somebody types. */
export interface StoredBody {
  postId: string;
  /** The document as JSON. */
  json: string;
  /** When it was stored (ISO), for its journal; absent where it came in from a file. */
  savedAt?: string;
}

/** What was written since the text of a post was stored, kept while keys go on: replayed where the page was gone before the next storing. */
export interface JournalEntry {
  postId: string;
  /** When the text that it follows from was stored; empty where that is not known. A journal of another text is no good. */
  base: string;
  /** Top-level nodes of it that stay at the beginning and at the end, and JSON of those between. */
  head: number;
  tail: number;
  nodes: string[];
  /** When (ISO). */
  at: string;
}

/** What was read: pages in their main content, dropped ones too, and the questions that the search knew. */
export interface CompetitorBody extends CollectedCompetitors {
  fieldId: string;
}

/** A picture, kept as a file. */
export interface Asset {
  id: string;
  fileName: string;
  type: string;
  width: number | null;
  height: number | null;
  blob: Blob;
  /** Taken in, and not yet seen in any text: where the page was gone before it got there, nobody needs it. */
  fresh?: true;
}

/** The file that a picture was made of, kept while there is room, so that what was made of it can be taken back. */
export interface Original {
  assetId: string;
  asset: Asset;
}

/** A keyword list as lists of lists show it: its keywords are apart, in ListBody. */
export interface ListHead extends Omit<KeywordList, "keywords"> {
  count: number;
  /** Summed searches of the keywords whose searches are known. */
  searches: number;
}

export interface ListBody {
  listId: string;
  keywords: ListKeyword[];
}

export interface LookUpBody {
  lookUpId: string;
  table: KeywordTable;
  articles: Article[];
}

export interface Settings {
  site: Site;
  profile: Profile;
  search: SearchConnection;
  /** Where posts are published to. */
  blog: BlogConnection;
  /** Tokens by connection. They are in no workspace file, and stay when one takes the place of what is here. */
  blogTokens: Record<string, string>;
  /** Who writes for the apprentice. */
  writer: WriterConnection;
  /** Keys of connected writers, by their addresses. Like tokens they are in no workspace file. */
  writerKeys: Record<string, string>;
  /** Posts that are being started step by step, the latest first. */
  starts: GuidedStart[];
  /** Keywords hidden for this site, by stem key. */
  hidden: string[];
  /** When the workspace was last taken out of the browser as a file, or began (ISO). */
  backedUp: string;
}
export interface Setting {
  key: keyof Settings;
  value: Settings[keyof Settings];
}

/** Something on its way to a blog, or what became of it. */
export interface OutboxItem {
  id: string;
  postId: string;
  /** The post's title when it was put here. */
  title: string;
  /** Id of the connection. */
  connection: string;
  action: "send" | "withdraw";
  /** The post as it goes out, whatever is written since. */
  post: Post;
  doc: EditorDoc;
  /** When it may go at the soonest (ISO); empty for at once. */
  notBefore: string;
  /**
   * "waiting" for its time, a connection or its next try; "sent"; "refused" by the blog, for a person to put right; "conflict" with what somebody
   * changed at the blog; "unsure" whether the blog has it.
   */
  state: "waiting" | "sent" | "refused" | "conflict" | "unsure";
  /** What happened last, in a sentence. */
  says: string;
  tries: number;
  /** When it is tried again (ISO); empty for at once. */
  nextTry: string;
  /** What earlier tries may have written there: their answers were lost. */
  perhaps: Entry[];
  /** Where the blog has pictures by now. */
  media: Record<string, string>;
  /** What the blog has, where it is not what was sent last. */
  theirs?: Entry;
  /** What the blog had when somebody decided that this may take its place. */
  seen?: Entry;
  createdAt: string;
  changedAt: string;
}
