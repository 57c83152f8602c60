/** Files of an older version, as they would be written now: by the same frozen steps that an older database goes. */
import { placesOf } from "../migrations/version7Upgrade";

type Kept = Record<string, unknown>;
const isRecord = (value: unknown): value is Kept =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/** The first version in which categories have ids. */
const CATEGORIES_WITH_IDS = 3;

/** @param file what was read, of any shape: whether it is sound is looked at afterwards */
export function upgraded(file: unknown): unknown {
  if (!isRecord(file) || typeof file.version !== "number" || file.version >= CATEGORIES_WITH_IDS) return file;
  if (!isRecord(file.site) || !Array.isArray(file.posts) || !file.posts.every(isRecord)) return file;
  return { ...file, ...placesOf(file.site, file.posts) };
}
