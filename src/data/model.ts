/** What the database keeps. Bodies are apart from posts, so that lists never load them. */
import type { EditorDoc } from "../core/draft/editorJson";
import type { KeywordRow } from "../core/keywords/keyword";
import type { OutlineItem } from "../core/outline/outline";
import type { Finding } from "../core/proof/finding";
import type { Profile } from "../core/proof/profile";

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

export interface StoredKeyword extends KeywordRow {
  /** Folded text: one row a keyword. */
  id: string;
}

export interface Setting {
  key: "site" | "profile";
  value: Site | Profile;
}
