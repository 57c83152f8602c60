/** Ideas for posts. */
import { db } from "./db";
import type { Idea } from "./model";

export const listIdeas = (): Promise<Idea[]> => db.ideas.orderBy("createdAt").reverse().toArray();

export async function saveIdea(idea: Idea): Promise<void> {
  await db.ideas.put(idea);
}

export async function deleteIdea(id: string): Promise<void> {
  await db.ideas.delete(id);
}
