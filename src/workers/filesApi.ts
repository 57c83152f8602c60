/**
 * Files that hold other files: the workspace, posts with their pictures, imports. A worker for one task, so that it can be ended: what
 * replaces the workspace does so in one transaction, which then has not happened.
 */
import type { PostScore } from "../data/model";
import { listPosts, saveScores } from "../data/posts";
import { ShapeError } from "../data/schemas/validate";
import { getSite } from "../data/settings";
import { addSnapshot, NoRoomError, snapshotFile } from "../data/snapshots";
import { type NewerWorkspace, NewerWorkspaceError } from "../data/workspace/newer";
import { packWorkspace } from "../data/workspace/pack";
import { DamagedWorkspaceError, readWorkspace } from "../data/workspace/read";
import { emptyWorkspace, replaceWorkspace } from "../data/workspace/replace";
import { type Progress, pack, type Unpacked, unpack, type ZipBounds, type ZipItem } from "../data/zip";

/** What the workspace is to become. */
export type Replacement =
  | { kind: "empty" }
  /** Its posts may have scores already where it is our own: those of a file from elsewhere could say anything. */
  | { kind: "file"; file: Blob; takeTheRest?: boolean; scores?: readonly PostScore[] }
  | { kind: "snapshot"; id: string };

/** Why nothing was replaced, as it crosses to the screen: errors lose their fields on the way. */
export type Refused =
  | { kind: "damaged"; message: string; faults: string[] }
  | { kind: "wrong"; message: string; faults: string[] }
  | { kind: "newer"; message: string; workspace: NewerWorkspace }
  | { kind: "no-room"; message: string };

export interface ReplaceOptions {
  /** What was about to happen, in words, for the copy of what is there. */
  why: string;
  /** Names the copy. */
  snapshotId: string;
  /** When (ISO). */
  now: string;
  /** The same again after it was refused for want of room. */
  withoutCopy?: boolean;
}

/** A step of what is going on: what, and how far. */
export type Told = (doing: string, done: number, of: number) => void;

export function createFilesApi() {
  return {
    packFiles: (items: ZipItem[], onProgress: Progress): Promise<Blob> => pack(items, onProgress),
    unpackFile: (file: Blob, bounds: ZipBounds, onProgress: Progress): Promise<Unpacked> =>
      unpack(file, bounds, undefined, onProgress),
    packWorkspace: (now: string, onProgress: Progress): Promise<Blob> => packWorkspace(now, { onProgress }),

    /** Replaces the workspace, and keeps a copy of what was there. @returns notes on what came in, or why nothing was replaced */
    async replace(
      by: Replacement,
      { why, snapshotId, now, withoutCopy = false }: ReplaceOptions,
      tell: Told,
    ): Promise<{ notes: string[] } | { refused: Refused }> {
      try {
        const workspace =
          by.kind === "empty"
            ? null
            : await readWorkspace(by.kind === "file" ? by.file : await snapshotFile(by.id), {
                onProgress: (done, of) => tell("Reading", done, of),
                takeTheRest: by.kind === "file" && by.takeTheRest === true,
              });
        const site = await getSite();
        // At the very first start there is nothing to keep.
        if (site && !withoutCopy) {
          const file = await packWorkspace(now, {
            originals: true,
            onProgress: (done, of) => tell("Keeping a copy of what is there", done, of),
          });
          const posts = (await listPosts()).length;
          const { quota } = (await navigator.storage?.estimate?.()) ?? {};
          await addSnapshot(
            { id: snapshotId, madeAt: now, why, siteName: site.name, posts, bytes: file.size },
            file,
            quota,
          );
        }
        tell("Replacing", 0, 0);
        if (workspace) await replaceWorkspace(workspace, now);
        else await emptyWorkspace(now);
        if (by.kind === "file" && by.scores)
          await saveScores(by.scores).catch((error: unknown) =>
            // Scores are derived: they are made anew.
            console.error("The scores could not be kept", error),
          );
        return { notes: workspace?.notes ?? [] };
      } catch (error) {
        const refused = refusalOf(error);
        if (!refused) throw error;
        return { refused };
      }
    },
  };
}
export type FilesApi = ReturnType<typeof createFilesApi>;

function refusalOf(error: unknown): Refused | null {
  if (error instanceof DamagedWorkspaceError)
    return { kind: "damaged", message: error.message, faults: error.faults };
  if (error instanceof ShapeError) return { kind: "wrong", message: error.message, faults: error.faults };
  if (error instanceof NewerWorkspaceError)
    return { kind: "newer", message: error.message, workspace: error.workspace };
  if (error instanceof NoRoomError) return { kind: "no-room", message: error.message };
  return null;
}
