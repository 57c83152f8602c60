/**
 * Copies of the whole workspace, kept in this browser before it is replaced. In a database of their own, so that nothing which
 * replaces the workspace takes them along.
 */
import Dexie, { type EntityTable } from "dexie";

/** A copy as lists show it. */
export interface Snapshot {
  id: string;
  madeAt: string;
  /** What was about to happen, in words. */
  why: string;
  siteName: string;
  posts: number;
  bytes: number;
}

interface SnapshotBody {
  id: string;
  /** A workspace file, with what pictures were made of. */
  file: Blob;
}

class SnapshotDatabase extends Dexie {
  snapshots!: EntityTable<Snapshot, "id">;
  bodies!: EntityTable<SnapshotBody, "id">;

  constructor() {
    super("dune-sparrow snapshots", { chromeTransactionDurability: "strict" });
    this.version(1).stores({ snapshots: "id, madeAt", bodies: "id" });
  }
}
const db = new SnapshotDatabase();

/** Copies that are kept however large they are, and that are kept at most. */
export const ALWAYS_KEPT = 3;
const MOST = 20;
/** Share of the storage that the others may take. */
const MOST_SHARE = 0.25;

/** The browser has no room for a copy. */
export class NoRoomError extends Error {
  override name = "NoRoomError";
  constructor() {
    super(
      "There is no room in this browser's storage for a copy of the workspace. Download the workspace file, delete copies that you no longer need, and try again.",
    );
  }
}

/** @returns copies, the latest first */
export async function listSnapshots(): Promise<Snapshot[]> {
  return (await db.snapshots.orderBy("madeAt").toArray()).reverse();
}

/**
 * Keeps a copy; older ones make room for it, but for the last of them.
 *
 * @param room bytes that the browser grants in all; unknown where absent
 * @throws NoRoomError where it cannot be kept
 */
export async function addSnapshot(snapshot: Snapshot, file: Blob, room?: number): Promise<void> {
  for (;;) {
    try {
      await db.transaction("rw", db.snapshots, db.bodies, async () => {
        await db.snapshots.add(snapshot);
        await db.bodies.add({ id: snapshot.id, file });
      });
      break;
    } catch (error) {
      if (!/Quota/.test((error as Error).name + String((error as { inner?: unknown }).inner))) throw error;
      // With this one, so many are kept.
      const surplus = (await listSnapshots()).slice(ALWAYS_KEPT - 1);
      if (!surplus.length) throw new NoRoomError();
      await deleteSnapshot(surplus.at(-1)!.id);
    }
  }
  const kept = surplusOf(await listSnapshots(), room);
  for (const { id } of kept) await deleteSnapshot(id);
}

/** Those that have to go, of copies with the latest first. */
export function surplusOf(snapshots: readonly Snapshot[], room = Number.POSITIVE_INFINITY): Snapshot[] {
  let bytes = 0;
  return snapshots.filter((snapshot, place) => {
    bytes += snapshot.bytes;
    return place >= ALWAYS_KEPT && (place >= MOST || bytes > room * MOST_SHARE);
  });
}

/** @throws Error where it is gone */
export async function snapshotFile(id: string): Promise<Blob> {
  const body = await db.bodies.get(id);
  if (!body) throw new Error("This copy no longer exists.");
  return body.file;
}

export async function deleteSnapshot(id: string): Promise<void> {
  await db.transaction("rw", db.snapshots, db.bodies, async () => {
    await db.snapshots.delete(id);
    await db.bodies.delete(id);
  });
}

/** Makes room: the oldest of the copies that are not always kept. @returns whether there was one */
export async function dropSurplusSnapshot(): Promise<boolean> {
  const oldest = (await listSnapshots()).slice(ALWAYS_KEPT).at(-1);
  if (oldest) await deleteSnapshot(oldest.id);
  return oldest !== undefined;
}

/** Puts a deleted copy back. */
export async function restoreSnapshot(snapshot: Snapshot, file: Blob): Promise<void> {
  await db.transaction("rw", db.snapshots, db.bodies, async () => {
    await db.snapshots.put(snapshot);
    await db.bodies.put({ id: snapshot.id, file });
  });
}
