import type { Profile } from "../core/proof/profile";
import { db } from "./db";
import type { BlogConnection, SearchConnection, Settings, Site, WriterConnection } from "./model";
import { getSetting } from "./settings";

async function save<Key extends keyof Settings>(key: Key, value: Settings[Key]): Promise<void> {
  await db.settings.put({ key, value });
}

export const saveSite = (site: Site): Promise<void> => save("site", site);
export const saveProfile = (profile: Profile): Promise<void> => save("profile", profile);
export const saveSearchConnection = (connection: SearchConnection): Promise<void> =>
  save("search", connection);
export const saveBlog = (blog: BlogConnection): Promise<void> => save("blog", blog);
export const saveBlogToken = (connection: string, token: string): Promise<void> =>
  db.transaction("rw", db.settings, async () => {
    await save("blogTokens", { ...(await getSetting("blogTokens")), [connection]: token });
  });
export const saveWriter = (writer: WriterConnection): Promise<void> => save("writer", writer);
export const saveWriterKey = (address: string, key: string): Promise<void> =>
  db.transaction("rw", db.settings, async () => {
    await save("writerKeys", { ...(await getSetting("writerKeys")), [address]: key });
  });
export const saveBackedUp = (when: string): Promise<void> => save("backedUp", when);
export const saveHidden = (hidden: string[]): Promise<void> => save("hidden", hidden);
