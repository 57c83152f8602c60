import { db } from "./db";
import type { StoredKeyword } from "./model";

export const listKeywords = (): Promise<StoredKeyword[]> => db.keywords.toArray();
