/** Look-ups that were made, kept so that they are reopened without asking again. */
import { db } from "./db";
import type { LookUp, LookUpBody } from "./model";

export const listLookUps = (): Promise<LookUp[]> => db.lookUps.orderBy("openedAt").reverse().toArray();
export const getLookUp = (id: string): Promise<LookUp | undefined> => db.lookUps.get(id);
export const getLookUpBody = (id: string): Promise<LookUpBody | undefined> => db.lookUpBodies.get(id);

export async function saveLookUp(lookUp: LookUp, body: Omit<LookUpBody, "lookUpId">): Promise<void> {
  await db.transaction("rw", db.lookUps, db.lookUpBodies, async () => {
    await db.lookUps.put(lookUp);
    await db.lookUpBodies.put({ lookUpId: lookUp.id, ...body });
  });
}

export async function touchLookUp(id: string, now: string): Promise<void> {
  await db.lookUps.update(id, { openedAt: now });
}

export interface DeletedLookUp {
  lookUp: LookUp;
  body: LookUpBody | undefined;
}

export function deleteLookUp(id: string): Promise<DeletedLookUp | null> {
  return db.transaction("rw", db.lookUps, db.lookUpBodies, async () => {
    const lookUp = await db.lookUps.get(id);
    if (!lookUp) return null;
    const body = await db.lookUpBodies.get(id);
    await db.lookUps.delete(id);
    await db.lookUpBodies.delete(id);
    return { lookUp, body };
  });
}

export async function restoreLookUp({ lookUp, body }: DeletedLookUp): Promise<void> {
  await db.transaction("rw", db.lookUps, db.lookUpBodies, async () => {
    await db.lookUps.put(lookUp);
    if (body) await db.lookUpBodies.put(body);
  });
}
