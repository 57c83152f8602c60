/** Fields kept for posts. The latest one is in force; earlier ones stay to be compared with. */
import { chosenQuestions } from "../core/outline/chosenQuestions";
import { foldPlain } from "../core/text/fold";
import { db } from "./db";
import type { PlanContext } from "./draft";
import type { CompetitorBody, Competitors } from "./model";

/** @returns the post's fields, the latest first */
export async function listCompetitors(postId: string): Promise<Competitors[]> {
  const fields = await db.fields.where("postId").equals(postId).toArray();
  return fields.sort((a, b) => (a.collectedAt < b.collectedAt ? 1 : a.collectedAt > b.collectedAt ? -1 : 0));
}
export const getCompetitors = async (postId: string): Promise<Competitors | null> =>
  (await listCompetitors(postId))[0] ?? null;
/** The latest field of every other post that is for the same keyword (folded), the latest first. */
export async function competitorsElsewhere(postId: string, keyword: string): Promise<Competitors[]> {
  const folded = foldPlain(keyword);
  const fields = await db.fields
    .filter((field) => field.postId !== postId && foldPlain(field.keyword) === folded)
    .toArray();
  const latest = new Map<string, Competitors>();
  for (const field of fields.sort((a, b) => (a.collectedAt < b.collectedAt ? 1 : -1)))
    if (!latest.has(field.postId)) latest.set(field.postId, field);
  return [...latest.values()];
}

export const getCompetitorBody = (fieldId: string): Promise<CompetitorBody | undefined> =>
  db.fieldBodies.get(fieldId);

/** Keeps a field. The post counts as changed: its score rests on the field. */
export async function saveCompetitors(field: Competitors, body: CompetitorBody, now: string): Promise<void> {
  await db.transaction("rw", db.posts, db.fields, db.fieldBodies, async () => {
    const updated = await db.posts.update(field.postId, { updatedAt: now });
    if (!updated) throw new Error("This post is no longer in the workspace.");
    await db.fields.put(field);
    await db.fieldBodies.put(body);
  });
}

/** Changes which of its pages are kept, and what follows from that. */
export async function updateCompetitors(field: Competitors, now: string): Promise<void> {
  await db.transaction("rw", db.posts, db.fields, async () => {
    await db.posts.update(field.postId, { updatedAt: now });
    await db.fields.put(field);
  });
}

export interface DeletedCompetitors {
  field: Competitors;
  body: CompetitorBody | undefined;
}

export function deleteCompetitors(id: string, now: string): Promise<DeletedCompetitors | null> {
  return db.transaction("rw", db.posts, db.fields, db.fieldBodies, async () => {
    const field = await db.fields.get(id);
    if (!field) return null;
    const body = await db.fieldBodies.get(id);
    await db.fields.delete(id);
    await db.fieldBodies.delete(id);
    await db.posts.update(field.postId, { updatedAt: now });
    return { field, body };
  });
}

/** What Plan gives the proof of a post that is not open. */
export async function planContext(postId: string): Promise<PlanContext> {
  const [field, outline] = await Promise.all([getCompetitors(postId), db.outlines.get(postId)]);
  return { field: field?.measure ?? null, questions: chosenQuestions(outline?.items ?? []) };
}

/** The same of several posts, in the order asked for. */
export async function planContexts(postIds: readonly string[]): Promise<PlanContext[]> {
  const [fields, outlines] = await Promise.all([
    db.fields
      .where("postId")
      .anyOf([...postIds])
      .toArray(),
    db.outlines.bulkGet([...postIds]),
  ]);
  const kept = new Map<string, Competitors>();
  for (const field of fields) {
    const earlier = kept.get(field.postId);
    if (!earlier || earlier.collectedAt < field.collectedAt) kept.set(field.postId, field);
  }
  return postIds.map((id, i) => ({
    field: kept.get(id)?.measure ?? null,
    questions: chosenQuestions(outlines[i]?.items ?? []),
  }));
}
