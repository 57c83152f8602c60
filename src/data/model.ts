/** What the database keeps. Bodies are apart from posts, so that lists never load them. */

import type { Benchmark } from "../core/benchmark/benchmark";
import type { EditorDoc } from "../core/blocks/editorJson";
import type { CompetitorMeasure } from "../core/competitors/measure";
import type { KeywordList, ListKeyword } from "../core/keywords/list";
import type { KeywordTable } from "../core/keywords/table";
import type { Assembled } from "../core/outline/assemble";
import type { OutlineItem } from "../core/outline/outline";
import type { Piece } from "../core/outline/piece";
import type { Finding } from "../core/proof/finding";
import type { Profile } from "../core/proof/profile";
import type { Spoken } from "../core/transcript/mend";
import type { CollectedCompetitors } from "./schemas/field";
import type { Article } from "./schemas/search";
import type { Stage } from "./stages";

export type { Stage } from "./stages";

export interface Site {
  id: string;
  name: string;
  blogName: string;
  /** Scheme and host, no slash at the end. */
  origin: string;
  /** Path before every post's slug, slashes at both ends. */
  basePath: string;
  titleSuffix: string;
  titleAsH1: "auto" | "always" | "never";
  language: string;
  authors: string[];
  categories: string[];
  /** Paths of the site's pages that are no posts. */
  pages: string[];
  /** The made-up site that ships with the application, to look around in. */
  demo?: true;
  /** Per cent of shared keywords above which two lists are said to overlap. */
  overlapLimit?: number;
  /** What holds for every post that says nothing else of itself. */
  piece?: Piece;
  /** Checks overruled for every post, with the reason. */
  setAside?: Record<string, string>;
}

/** A post as lists show it. */
export interface Post {
  id: string;
  stage: Stage;
  title: string;
  metaTitle: string;
  description: string;
  slug: string;
  /** Set where the post's address is not the one made from its slug. */
  canonical: string;
  language: string;
  keyword: string;
  supporting: string[];
  tags: string[];
  category: string;
  author: string;
  /** ISO date of publication, or empty. */
  date: string;
  /** ISO date, or empty. */
  due: string;
  /** The picture that a shared link shows, as the document names pictures; the lead picture where absent or empty. */
  socialPicture?: string;
  status: "draft" | "scheduled" | "live";
  /** Of a live post, the slug that readers know, where it has another one by now and nobody has decided on a redirect. */
  liveSlug?: string;
  /** Checks overruled, with the reason. */
  setAside: Record<string, string>;
  /** The post that it was copied from. */
  copiedFrom?: string;
  /** What a copy may keep of its source, by leftover. */
  acceptedLeftovers?: string[];
  /** Claims that stand without a source, by what they say. */
  acceptedClaims?: string[];
  /** Texts that a fix began and nobody has looked at yet. */
  begun?: string[];
  /** The score to reach in Proof; what is next in reach where absent. */
  aim?: Aim;
  /** Titles, descriptions and slugs that were tried and are kept. */
  tries?: Try[];
  createdAt: string;
  updatedAt: string;
}

/** "next": the nearest of the field average, its best and the next ten. */
export type Aim = "next" | "average" | "best" | number;

/** Fields of a post that were tried without touching it. */
export interface Try {
  id: string;
  title: string;
  metaTitle: string;
  description: string;
  slug: string;
}

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

export interface Body {
  postId: string;
  doc: EditorDoc;
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

/** An address that was given up, and where it leads now. */
export interface Redirect {
  id: string;
  /** Paths on the site. */
  from: string;
  to: string;
  /** When (ISO). */
  since: string;
  why: "slug changed" | "category moved" | "by hand";
  /** The post that it leads to; null where it was made by hand. */
  postId: string | null;
}

/** A state of a post that was kept, as lists show it. */
export interface PostVersion {
  id: string;
  postId: string;
  savedAt: string;
  /** Given by a person; empty where it was kept by itself. */
  name: string;
  /** Why it was kept. */
  why: string;
  words: number;
  /** Null where it was not known. */
  score: number | null;
  fields: VersionFields;
}
/** Fields that go back with a version. The address is none of them: it is changed on purpose or not at all. */
export type VersionFields = Pick<Post, "title" | "metaTitle" | "description">;

/** What was said, where a post began as a recording: its own words are measured against it. */
export interface Recording {
  postId: string;
  fileName: string;
  /** Address of the video; empty for none. */
  video: string;
  sentences: Spoken[];
}

export interface VersionBody {
  versionId: string;
  doc: EditorDoc;
}

export interface Outline {
  postId: string;
  items: OutlineItem[];
  /** The terms of the piece, where anybody has said any. */
  piece?: Piece;
}

/** A page of a field as lists show it. */
export interface CompetitorSource {
  address: string;
  site: string;
  title: string;
  /** Its place in the ranking, from 0. */
  rank: number;
  standIn: boolean;
  state: "kept" | "dropped" | "failed";
  /** Why it was dropped, or could not be read. */
  why: string;
}

/** A field that was collected for a post, and what the score needs of it. It stays as it was: collecting again makes another. */
export interface Competitors {
  id: string;
  postId: string;
  keyword: string;
  language: string;
  regionName: string;
  /** Where its pages come from, in words. */
  source: string;
  standIn: boolean;
  collectedAt: string;
  pages: CompetitorSource[];
  /** Both of the pages that are kept; made anew whenever that changes. */
  measure: CompetitorMeasure | null;
  benchmark: Benchmark | null;
}

/** What was read: pages in their main content, dropped ones too, and the questions that the search knew. */
export interface CompetitorBody extends CollectedCompetitors {
  fieldId: string;
}

/** What was generated and is kept to be taken later. */
export interface DrawerEntry extends Assembled {
  id: string;
  kind: "outline";
  postId: string;
  createdAt: string;
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

/** A look-up: what was asked, of whom, and when. Its keywords are apart, in LookUpBody. */
export interface LookUp {
  id: string;
  kind: "search" | "file";
  /** What was looked up; names of files for a file. */
  seeds: string[];
  /** Code and name of the region; empty where unknown. */
  region: string;
  regionName: string;
  language: string;
  /** Who answered, in words. */
  source: string;
  standIn: boolean;
  count: number;
  madeAt: string;
  openedAt: string;
}

export interface LookUpBody {
  lookUpId: string;
  table: KeywordTable;
  articles: Article[];
}

/** An idea for a post. */
export interface Idea {
  id: string;
  title: string;
  sentence: string;
  keywords: string[];
  /** Where it came from, in words. */
  from: string;
  /** The post that was made of it, or null. */
  postId: string | null;
  createdAt: string;
}

/** Where the search service is reached. */
export interface SearchConnection {
  kind: "stand-in" | "address";
  address: string;
  /** Trouble asked of the stand-in: milliseconds before each answer, and the share of answers that fail, 0 to 1. */
  delay: number;
  errorRate: number;
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
