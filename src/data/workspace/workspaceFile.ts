/**
 * The workspace file (.dunesparrow.zip): everything in one file. "workspace.json" holds posts and settings; pictures lie beside it in
 * "pictures/", the keywords of each look-up in "look-ups/" and the pages of each field in "fields/"; "manifest.json" says what
 * each of them was when it was written.
 */
import type { KeywordRow } from "../../core/keywords/keyword";
import type { KeywordList } from "../../core/keywords/list";
import type { FoundKeyword } from "../../core/keywords/table";
import type { Profile } from "../../core/proof/profile";
import type {
  Asset,
  Body,
  Competitors,
  DrawerEntry,
  Idea,
  LookUp,
  Outline,
  Post,
  PostVersion,
  Recording,
  Redirect,
  SearchConnection,
  Site,
  VersionBody,
} from "../model";
import type { CollectedCompetitors } from "../schemas/field";
import type { Article } from "../schemas/search";

export const FORMAT = "dune-sparrow-workspace";
/** The version that is written. Files from before there was a manifest are of version 1. */
export const VERSION = 2;

/** A file as it lies in the zip. */
export type PackedAsset = Omit<Asset, "blob"> & { file: string };

export interface WorkspaceFile {
  format: typeof FORMAT;
  version: 1 | typeof VERSION;
  savedAt?: string;
  site: Site;
  /** Where the site is scored by a profile of its own. */
  profile?: Profile;
  posts: Post[];
  bodies: Body[];
  outlines: Outline[];
  /** Files from before there were look-ups have one flat list of keywords. */
  keywords: KeywordRow[];
  /** Left out in files from before there were lists: every post then gets one. */
  lists?: KeywordList[];
  lookUps?: LookUp[];
  ideas?: Idea[];
  search?: SearchConnection;
  hidden?: string[];
  fields?: Competitors[];
  drawer?: DrawerEntry[];
  versions?: PostVersion[];
  versionBodies?: VersionBody[];
  recordings?: Recording[];
  redirects?: Redirect[];
  assets: PackedAsset[];
  /** What pictures were made of; in copies that stay in this browser only. */
  originals?: { assetId: string; asset: PackedAsset }[];
}

/** What a look-up holds, in a file of its own. */
export interface LookUpFile {
  keywords: FoundKeyword[];
  articles: Article[];
}

export interface Workspace {
  file: WorkspaceFile;
  /** By the id of the look-up. */
  lookUps: Map<string, LookUpFile>;
  /** By the id of the field. */
  fields: Map<string, CollectedCompetitors>;
  /** By the path in the file. */
  pictures: Map<string, Uint8Array>;
  /** What is other than it came, or could not be taken, in sentences. */
  notes: string[];
}

/** SHA-256 (FIPS 180-4) of every file beside it, in hexadecimal figures. */
export interface Manifest {
  version: 1;
  files: Record<string, string>;
}

export const JSON_NAME = "workspace.json";
export const MANIFEST_NAME = "manifest.json";
export const lookUpName = (id: string): string => `look-ups/${id}.json`;
export const fieldName = (id: string): string => `fields/${id}.json`;
export const A_WORKSPACE = "a workspace file of Dune Sparrow";

/** SHA-256 of bytes, in hexadecimal figures. */
export async function sha256(bytes: BufferSource): Promise<string> {
  const hash = new Uint8Array(await crypto.subtle.digest("SHA-256", bytes));
  return Array.from(hash, (byte) => byte.toString(16).padStart(2, "0")).join("");
}
