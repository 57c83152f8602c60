/**
 * Scores kept in a folder, a file each, under a key of all that they depend on: the program, the profile, the context, the competing pages, the
 * text and its name, and the titles of its site. The pictures beside it are looked at anew each time.
 */
import { createHash, randomUUID } from "node:crypto";
import { existsSync, mkdirSync, readdirSync, readFileSync, renameSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { serialize } from "node:v8";
import { CallError } from "../command";
import type { ScoreOptions } from "./options";
import { type FileText, folderOf, sizeOf } from "./readFile";

/** What is kept of a file: its score, and what the format says of it. */
export interface Kept {
  score: number;
  piece: unknown;
}

export interface Slot {
  /** What is kept; null where there is nothing, or a picture has changed. */
  get(): Kept | null;
  put(kept: Kept, pictures: Readonly<Record<string, number | null>>): void;
}

export interface ScoreCache {
  /** @param titles of the other posts of its site that count */
  slot(text: FileText, titles: readonly string[]): Slot;
}

const digest = (...parts: (string | Uint8Array)[]): string => {
  const hash = createHash("sha256");
  for (const part of parts) hash.update(`${part.length} `).update(part);
  return hash.digest("hex");
};

/**
 * @param program tells one version of this program from the next
 * @throws CallError where the folder cannot be made
 */
export function openCache(
  folder: string,
  { program, format, options }: { program: string; format: string; options: ScoreOptions },
): ScoreCache {
  try {
    mkdirSync(folder, { recursive: true });
  } catch (error) {
    throw new CallError(`Scores cannot be kept in ${folder}: ${(error as Error).message}`);
  }
  const terms = digest(program, format, serialize(options), competitorsIn(options.competitors));
  return {
    slot({ file, source }, titles) {
      const key = digest(terms, file, source, ...titles);
      const path = join(folder, key.slice(0, 2), `${key.slice(2)}.json`);
      return {
        get() {
          const kept = read(path);
          if (!kept) return null;
          const beside = folderOf(file);
          const same = Object.entries(kept.pictures).every(([src, size]) => sizeOf(beside, src) === size);
          return same ? { score: kept.score, piece: kept.piece } : null;
        },
        put({ score, piece }, pictures) {
          mkdirSync(join(folder, key.slice(0, 2)), { recursive: true });
          // Whole or not at all: another run may read it at this moment.
          const draft = `${path}.${randomUUID()}`;
          writeFileSync(draft, JSON.stringify({ score, pictures, piece }));
          renameSync(draft, path);
        },
      };
    },
  };
}

function read(path: string): (Kept & { pictures: Record<string, number | null> }) | null {
  if (!existsSync(path)) return null;
  try {
    const kept = JSON.parse(readFileSync(path, "utf8")) as Kept & { pictures: Record<string, number | null> };
    return typeof kept.score === "number" && kept.pictures ? kept : null;
  } catch {
    // Damaged: it is made anew.
    return null;
  }
}

/** The saved competing pages as they are now. */
function competitorsIn(folder: string | undefined): string {
  if (folder === undefined) return "";
  return digest(
    ...readdirSync(folder)
      .sort()
      .flatMap((name) => {
        try {
          return [name, readFileSync(join(folder, name))];
        } catch {
          // A folder in it is no page.
          return [];
        }
      }),
  );
}
