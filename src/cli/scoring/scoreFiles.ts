/** Scoring many files: of a shard where it is one of several runs, on several threads where it is worth their start. */
import { availableParallelism } from "node:os";
import type { FormatId } from "../formats/registry";
import type { ScoreOptions } from "./options";
import { scoreOnThreads } from "./pool";
import { readText, STANDARD_INPUT } from "./readFile";
import { type Outcome, scoreFile } from "./scoreFile";
import { type Sibling, siblingOfText } from "./siblings";
import { termsOf } from "./terms";

/** Which files of a run are scored: the first, second … of every so many. */
export interface Shard {
  number: number;
  of: number;
}

export interface Run {
  /** All files that were named: what they tell each other does not hang on the shard. */
  files: readonly string[];
  shard: Shard | null;
  options: ScoreOptions;
  format: FormatId;
  /** Threads; null for as many as there are processors. */
  jobs: number | null;
  cache: string | null;
}

/** Fewer files are scored before another thread has started. */
const WORTH_THREADS = 48;

export const ofShard = (files: readonly string[], shard: Shard | null): string[] =>
  files.filter((_, i) => !shard || i % shard.of === shard.number - 1);

/**
 * @param threads the built thread; null where it is not built, as in tests
 * @param tell told of each file, in the order of their names
 * @throws CallError where a folder cannot be read or made
 */
export async function scoreFiles(
  run: Run,
  threads: URL | null,
  tell: (outcome: Outcome) => void,
): Promise<void> {
  const { options, format, cache } = run;
  const files = ofShard(run.files, run.shard);
  const jobs = run.jobs ?? availableParallelism();
  const shared = { options, format, cache, siblings: siblingsOf(run.files) };
  // What is wrong with the call is said here, before any thread is started.
  const terms = await termsOf(shared);
  // What is read from a pipe is read here.
  if (threads && jobs > 1 && files.length >= WORTH_THREADS && !files.includes(STANDARD_INPUT))
    await scoreOnThreads(threads, files, jobs, shared, tell);
  else for (const file of files) tell(scoreFile(file, terms));
  terms.scorer.unread.forEach(tell);
}

/** What the files tell each other; a file alone has nobody to tell. */
export function siblingsOf(files: readonly string[]): Sibling[] {
  if (files.length < 2) return [];
  return files.flatMap((file) => {
    if (file === STANDARD_INPUT) return [];
    try {
      return siblingOfText(readText(file)) ?? [];
    } catch {
      // Scoring says why.
      return [];
    }
  });
}
