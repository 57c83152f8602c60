/** Fields kept for posts. The latest one is in force; earlier ones stay to be compared with. */
import { chosenQuestions } from "../core/outline/chosenQuestions";
import { foldPlain } from "../core/text/fold";
import { db } from "./db";
import type { PlanContext } from "./draft";
import type { CompetitorBody, Competitors } from "./model";

/** @returns the post's fields, the latest first */
export async function listCompetitors(postId: string): Promise<Competitors[]> {
  const sets = await db.fields.where("postId").equals(postId).toArray();
  return sets.sort((a, b) => (a.collectedAt < b.collectedAt ? 1 : a.collectedAt > b.collectedAt ? -1 : 0));
}
export const getCompetitors = async (postId: string): Promise<Competitors | null> =>
  (await listCompetitors(postId))[0] ?? null;
/** The latest field of every other post that is for the same keyword (folded), the latest first. */
export async function competitorsElsewhere(postId: string, keyword: string): Promise<Competitors[]> {
  const folded = foldPlain(keyword);
  const sets = await db.fields
    .filter((competitors) => competitors.postId !== postId && foldPlain(competitors.keyword) === folded)
    .toArray();
  const latest = new Map<string, Competitors>();
  for (const competitors of sets.sort((a, b) => (a.collectedAt < b.collectedAt ? 1 : -1)))
    if (!latest.has(competitors.postId)) latest.set(competitors.postId, competitors);
  return [...latest.values()];
}

export const getCompetitorBody = (fieldId: string): Promise<CompetitorBody | undefined> =>
  db.fieldBodies.get(fieldId);

/** Keeps competing pages. The post counts as changed: its score rests on them. */
export async function saveCompetitors(
  competitors: Competitors,
  body: CompetitorBody,
  now: string,
): Promise<void> {
  await db.transaction("rw", db.posts, db.fields, db.fieldBodies, async () => {
    const updated = await db.posts.update(competitors.postId, { updatedAt: now });
    if (!updated) throw new Error("This post is no longer in the workspace.");
    await db.fields.put(competitors);
    await db.fieldBodies.put(body);
  });
}

/** Changes which of its pages are kept, and what follows from that. */
export async function updateCompetitors(competitors: Competitors, now: string): Promise<void> {
  await db.transaction("rw", db.posts, db.fields, async () => {
    await db.posts.update(competitors.postId, { updatedAt: now });
    await db.fields.put(competitors);
  });
}

export interface DeletedCompetitors {
  competitors: Competitors;
  body: CompetitorBody | undefined;
}

export function deleteCompetitors(id: string, now: string): Promise<DeletedCompetitors | null> {
  return db.transaction("rw", db.posts, db.fields, db.fieldBodies, async () => {
    const competitors = await db.fields.get(id);
    if (!competitors) return null;
    const body = await db.fieldBodies.get(id);
    await db.fields.delete(id);
    await db.fieldBodies.delete(id);
    await db.posts.update(competitors.postId, { updatedAt: now });
    return { competitors, body };
  });
}

/** What Plan gives the proof of a post that is not open. */
export async function planContext(postId: string): Promise<PlanContext> {
  const [competitors, outline] = await Promise.all([getCompetitors(postId), db.outlines.get(postId)]);
  return { competitors: competitors?.measure ?? null, questions: chosenQuestions(outline?.items ?? []) };
}

/** The same of several posts, in the order asked for. */
export async function planContexts(postIds: readonly string[]): Promise<PlanContext[]> {
  const [sets, outlines] = await Promise.all([
    db.fields
      .where("postId")
      .anyOf([...postIds])
      .toArray(),
    db.outlines.bulkGet([...postIds]),
  ]);
  const kept = new Map<string, Competitors>();
  for (const competitors of sets) {
    const earlier = kept.get(competitors.postId);
    if (!earlier || earlier.collectedAt < competitors.collectedAt) kept.set(competitors.postId, competitors);
  }
  return postIds.map((id, i) => ({
    competitors: kept.get(id)?.measure ?? null,
    questions: chosenQuestions(outlines[i]?.items ?? []),
  }));
}
