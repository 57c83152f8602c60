/** Files scored on several threads, told in their order, with no more of them in the air than the threads can take. */
import { Worker } from "node:worker_threads";
import type { Outcome } from "./scoreFile";
import type { FromWorker, ToWorker } from "./scoreWorker";
import type { RunTerms } from "./terms";

/** Files that a thread is given at a time. */
const BATCH = 16;
/** Batches under way or waiting to be told, for each thread: one slow file holds up no more than these. */
const AHEAD = 4;

/**
 * @param script the built thread
 * @param tell told of each file, in order
 * @throws Error where a thread dies
 */
export async function scoreOnThreads(
  script: URL,
  files: readonly string[],
  jobs: number,
  terms: RunTerms,
  tell: (outcome: Outcome) => void,
): Promise<void> {
  const batches = Math.ceil(files.length / BATCH);
  const workers = Array.from(
    { length: Math.min(jobs, batches) },
    () => new Worker(script, { workerData: terms }),
  );
  const ready = new Map<number, Outcome[]>();
  let given = 0;
  let told = 0;
  try {
    await new Promise<void>((resolve, reject) => {
      const idle = new Set<Worker>();
      const give = () => {
        for (const worker of idle) {
          if (given >= batches || given - told >= AHEAD * workers.length) return;
          idle.delete(worker);
          const batch = given++;
          const message: ToWorker = { batch, files: files.slice(batch * BATCH, (batch + 1) * BATCH) };
          worker.postMessage(message);
        }
      };
      for (const worker of workers) {
        idle.add(worker);
        worker.on("message", ({ batch, outcomes }: FromWorker) => {
          ready.set(batch, outcomes);
          for (let next = ready.get(told); next; next = ready.get(told)) {
            ready.delete(told++);
            next.forEach(tell);
          }
          idle.add(worker);
          if (told === batches) resolve();
          else give();
        });
        worker.on("error", reject);
        worker.on("exit", () => reject(new Error("A thread ended before its files were scored.")));
      }
      give();
    });
  } finally {
    for (const worker of workers) worker.removeAllListeners("exit");
    await Promise.all(workers.map((worker) => worker.terminate()));
  }
}
