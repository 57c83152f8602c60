import { completeProfile, defaultProfile, type Profile } from "../core/proof/profile";
import { pageAt, plainListPages } from "../core/site/site";
import { db } from "./db";
import type { BlogConnection, SearchConnection, Settings, Site, WriterConnection } from "./model";

export const emptySite: Site = {
  id: "site",
  name: "My site",
  blogName: "Blog",
  origin: "https://my-site.example",
  basePath: "/blog/",
  titleSuffix: "",
  titleAsH1: "auto",
  language: "en",
  authors: [],
  categories: [],
  pages: [pageAt("/"), pageAt("/blog")],
  addressPattern: "slug",
  timeZone: "UTC",
  listPages: plainListPages,
};

export const OVERLAP_LIMIT = 5;
export const standInSearch: SearchConnection = { kind: "stand-in", address: "", delay: 0, errorRate: 0 };

/** A setting as it is kept; null where it never was. */
export async function getSetting<Key extends keyof Settings>(key: Key): Promise<Settings[Key] | null> {
  return ((await db.settings.get(key))?.value as Settings[Key] | undefined) ?? null;
}

export const getSite = (): Promise<Site | null> => getSetting("site");

/** The profile in force. Whoever has the default profile has the one that ships now. */
export const getProfile = async (): Promise<Profile> => {
  const kept = (await getSetting("profile")) ?? defaultProfile;
  return kept.id === defaultProfile.id ? defaultProfile : (completeProfile(kept) as Profile);
};

export const getSearchConnection = async (): Promise<SearchConnection> =>
  (await getSetting("search")) ?? standInSearch;

export const standInBlog: BlogConnection = {
  id: "stand-in",
  kind: "stand-in",
  name: "Stand-in blog",
  address: "",
  delay: 0,
  errorRate: 0,
};
export const getBlog = async (): Promise<BlogConnection> => (await getSetting("blog")) ?? standInBlog;

/** The token of a connection; empty where there is none. */
export const getBlogToken = async (connection: string): Promise<string> =>
  (await getSetting("blogTokens"))?.[connection] ?? "";

export const standInWriter: WriterConnection = { kind: "stand-in", address: "", model: "" };
export const getWriter = async (): Promise<WriterConnection> => (await getSetting("writer")) ?? standInWriter;

/** The key for a connected writer; empty where there is none. */
export const getWriterKey = async (address: string): Promise<string> =>
  (await getSetting("writerKeys"))?.[address] ?? "";

export const getBackedUp = async (): Promise<string> => (await getSetting("backedUp")) ?? "";

export const getHidden = async (): Promise<string[]> => (await getSetting("hidden")) ?? [];
