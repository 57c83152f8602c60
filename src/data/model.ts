/** What the database keeps. Bodies are apart from posts, so that lists never load them. */

import type { KeywordList, ListKeyword } from "../core/keywords/list";
import type { KeywordTable } from "../core/keywords/table";
import type { Finding } from "../core/proof/finding";
import type { Profile } from "../core/proof/profile";
import type { CollectedCompetitors } from "./schemas/collected";
import type { Article } from "./schemas/search";
import type { SearchConnection, Site } from "./shapes";

export type {
  Aim,
  Body,
  CompetitorSource,
  Competitors,
  DrawerEntry,
  Idea,
  LiveCopy,
  LookUp,
  Outline,
  Post,
  PostVersion,
  Recording,
  Redirect,
  SearchConnection,
  Site,
  Try,
  VersionBody,
  VersionFields,
} from "./shapes";
export type { Stage } from "./stages";

/** A finding as lists show it: no evidence, no text of the post. */
export type ListedFinding = Omit<Finding, "evidence" | "says" | "place">;

/** The last report of a post, as the Desk shows it. Derived: it can be made anew at any time. */
export interface PostScore {
  postId: string;
  /** `updatedAt` of the post that was scored. */
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
  /** Keywords hidden for this site, by stem key. */
  hidden: string[];
  /** When the workspace was last taken out of the browser as a file, or began (ISO). */
  backedUp: string;
}
export interface Setting {
  key: keyof Settings;
  value: Settings[keyof Settings];
}
