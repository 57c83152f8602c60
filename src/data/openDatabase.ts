import { db } from "./db";

/** Opens the database, before anything is read. @throws Error where the browser has none for us */
export async function openDatabase(): Promise<void> {
  await db.open();
}
