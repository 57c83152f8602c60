/** What the database keeps. Bodies are apart from posts, so that lists never load them. */
import type { EditorDoc } from "../core/draft/editorJson";
import type { KeywordList, ListKeyword } from "../core/keywords/list";
import type { KeywordTable } from "../core/keywords/table";
import type { OutlineItem } from "../core/outline/outline";
import type { Finding } from "../core/proof/finding";
import type { Profile } from "../core/proof/profile";
import type { Article } from "./schemas/search";

export const STAGES = ["find", "plan", "write", "proof", "release"] as const;
export type Stage = (typeof STAGES)[number];

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
  /** Per cent of shared keywords above which two lists are said to overlap. */
  overlapLimit?: number;
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
  status: "draft" | "scheduled" | "live";
  /** Checks overruled, with the reason. */
  setAside: Record<string, string>;
  createdAt: string;
  updatedAt: string;
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

export interface Outline {
  postId: string;
  items: OutlineItem[];
}

/** A picture, kept as a file. */
export interface Asset {
  id: string;
  fileName: string;
  type: string;
  width: number | null;
  height: number | null;
  blob: Blob;
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
}
export interface Setting {
  key: keyof Settings;
  value: Settings[keyof Settings];
}
