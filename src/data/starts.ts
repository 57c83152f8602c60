/** Posts that are being started step by step. */
import type { GuidedStart } from "../core/apprentice/guidedStart";
import { db } from "./db";
import type { Setting } from "./model";

/** More than a person leaves lying; the oldest make room. */
const MOST = 50;

const read = async (): Promise<GuidedStart[]> =>
  ((await db.settings.get("starts"))?.value as GuidedStart[] | undefined) ?? [];
const write = (starts: GuidedStart[]): Promise<unknown> =>
  db.settings.put({ key: "starts", value: starts.slice(0, MOST) } satisfies Setting);

/** @returns the latest first */
export const listStarts = read;
export const getStart = async (id: string): Promise<GuidedStart | null> =>
  (await read()).find((start) => start.id === id) ?? null;

/** Keeps one, new or changed. */
export const saveStart = (start: GuidedStart): Promise<unknown> =>
  db.transaction("rw", db.settings, async () => {
    const others = (await read()).filter(({ id }) => id !== start.id);
    await write([start, ...others]);
  });

export const deleteStart = (id: string): Promise<unknown> =>
  db.transaction("rw", db.settings, async () => write((await read()).filter((start) => start.id !== id)));
