/** Fields kept for posts. The latest one is in force; earlier ones stay to be compared with. */
import { chosenQuestions } from "../core/outline/chosenQuestions";
import { foldPlain } from "../core/text/fold";
import { db } from "./db";
import type { PlanContext } from "./draft";
import type { FieldBody, PostField } from "./model";

/** @returns the post's fields, the latest first */
export async function listFields(postId: string): Promise<PostField[]> {
  const fields = await db.fields.where("postId").equals(postId).toArray();
  return fields.sort((a, b) => (a.collectedAt < b.collectedAt ? 1 : a.collectedAt > b.collectedAt ? -1 : 0));
}
export const getField = async (postId: string): Promise<PostField | null> =>
  (await listFields(postId))[0] ?? null;
/** The latest field of every other post that is for the same keyword (folded), the latest first. */
export async function fieldsElsewhere(postId: string, keyword: string): Promise<PostField[]> {
  const wanted = foldPlain(keyword);
  const fields = await db.fields
    .filter((field) => field.postId !== postId && foldPlain(field.keyword) === wanted)
    .toArray();
  const latest = new Map<string, PostField>();
  for (const field of fields.sort((a, b) => (a.collectedAt < b.collectedAt ? 1 : -1)))
    if (!latest.has(field.postId)) latest.set(field.postId, field);
  return [...latest.values()];
}

export const getFieldBody = (fieldId: string): Promise<FieldBody | undefined> => db.fieldBodies.get(fieldId);

/** Keeps a field. The post counts as changed: its score rests on the field. */
export async function saveField(field: PostField, body: FieldBody, now: string): Promise<void> {
  await db.transaction("rw", db.posts, db.fields, db.fieldBodies, async () => {
    const found = await db.posts.update(field.postId, { updatedAt: now });
    if (!found) throw new Error("This post is no longer in the workspace.");
    await db.fields.put(field);
    await db.fieldBodies.put(body);
  });
}

/** Changes which of its pages are kept, and what follows from that. */
export async function updateField(field: PostField, now: string): Promise<void> {
  await db.transaction("rw", db.posts, db.fields, async () => {
    await db.posts.update(field.postId, { updatedAt: now });
    await db.fields.put(field);
  });
}

export interface DeletedField {
  field: PostField;
  body: FieldBody | undefined;
}

export function deleteField(id: string, now: string): Promise<DeletedField | null> {
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
  const [field, outline] = await Promise.all([getField(postId), db.outlines.get(postId)]);
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
  const kept = new Map<string, PostField>();
  for (const field of fields) {
    const known = kept.get(field.postId);
    if (!known || known.collectedAt < field.collectedAt) kept.set(field.postId, field);
  }
  return postIds.map((id, i) => ({
    field: kept.get(id)?.measure ?? null,
    questions: chosenQuestions(outlines[i]?.items ?? []),
  }));
}
