import { houseProfile, type Profile } from "../core/proof/profile";
import { db } from "./db";
import type { Site } from "./model";

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
  pages: ["/", "/blog"],
};

export async function getSite(): Promise<Site | null> {
  return ((await db.settings.get("site"))?.value as Site | undefined) ?? null;
}

export async function saveSite(site: Site): Promise<void> {
  await db.settings.put({ key: "site", value: site });
}

export async function getProfile(): Promise<Profile> {
  return ((await db.settings.get("profile"))?.value as Profile | undefined) ?? houseProfile;
}

export async function saveProfile(profile: Profile): Promise<void> {
  await db.settings.put({ key: "profile", value: profile });
}
