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

async function get<Key extends keyof Settings>(key: Key): Promise<Settings[Key] | null> {
  return ((await db.settings.get(key))?.value as Settings[Key] | undefined) ?? null;
}
async function save<Key extends keyof Settings>(key: Key, value: Settings[Key]): Promise<void> {
  await db.settings.put({ key, value });
}

export const getSite = (): Promise<Site | null> => get("site");
export const saveSite = (site: Site): Promise<void> => save("site", site);

/** The profile in force. Whoever has the default profile has the one that ships now. */
export const getProfile = async (): Promise<Profile> => {
  const kept = (await get("profile")) ?? defaultProfile;
  return kept.id === defaultProfile.id ? defaultProfile : (completeProfile(kept) as Profile);
};
export const saveProfile = (profile: Profile): Promise<void> => save("profile", profile);

export const getSearchConnection = async (): Promise<SearchConnection> =>
  (await get("search")) ?? standInSearch;
export const saveSearchConnection = (connection: SearchConnection): Promise<void> =>
  save("search", connection);

export const standInBlog: BlogConnection = {
  id: "stand-in",
  kind: "stand-in",
  name: "Stand-in blog",
  address: "",
  delay: 0,
  errorRate: 0,
};
export const getBlog = async (): Promise<BlogConnection> => (await get("blog")) ?? standInBlog;
export const saveBlog = (blog: BlogConnection): Promise<void> => save("blog", blog);

/** The token of a connection; empty where there is none. */
export const getBlogToken = async (connection: string): Promise<string> =>
  (await get("blogTokens"))?.[connection] ?? "";
export const saveBlogToken = (connection: string, token: string): Promise<void> =>
  db.transaction("rw", db.settings, async () => {
    await save("blogTokens", { ...(await get("blogTokens")), [connection]: token });
  });

export const standInWriter: WriterConnection = { kind: "stand-in", address: "", model: "" };
export const getWriter = async (): Promise<WriterConnection> => (await get("writer")) ?? standInWriter;
export const saveWriter = (writer: WriterConnection): Promise<void> => save("writer", writer);

/** The key for a connected writer; empty where there is none. */
export const getWriterKey = async (address: string): Promise<string> =>
  (await get("writerKeys"))?.[address] ?? "";
export const saveWriterKey = (address: string, key: string): Promise<void> =>
  db.transaction("rw", db.settings, async () => {
    await save("writerKeys", { ...(await get("writerKeys")), [address]: key });
  });

export const getBackedUp = async (): Promise<string> => (await get("backedUp")) ?? "";
export const saveBackedUp = (when: string): Promise<void> => save("backedUp", when);

export const getHidden = async (): Promise<string[]> => (await get("hidden")) ?? [];
export const saveHidden = (hidden: string[]): Promise<void> => save("hidden", hidden);
