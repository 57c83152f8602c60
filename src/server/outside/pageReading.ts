/**
 * Reading of fetched pages, in a thread: a page made to be read for ever costs its own reader ten seconds, and nobody else a
 * thing. The thread is kept for the next page, and ended with the page that it could not finish.
 */
import { Worker } from "node:worker_threads";
import type { FieldPage } from "../../core/field/page";
import { PageFailure } from "./pageFetcher";

const ENTRY = JSON.stringify(new URL("./pageReading.thread.ts", import.meta.url).href);
/** A thread knows no TypeScript until it is told. */
const START = `import("tsx/esm/api").then((tsx) => { tsx.register(); return import(${ENTRY}); })`;
/** Pages read at once; more wait for their turn. */
const THREADS = 2;

export type PageReading = (html: string, address: string) => Promise<FieldPage>;

/** A new thread says when it can read. */
const ready = (thread: Worker): Promise<void> =>
  new Promise((resolve, reject) => {
    thread.once("message", () => {
      thread.removeAllListeners("error");
      resolve();
    });
    thread.once("error", reject);
  });

/**
 * @param milliseconds that one page may take
 * @throws PageFailure where it takes longer, or cannot be read
 */
export function pageReading(milliseconds = 10_000): PageReading {
  const idle: Worker[] = [];
  const waiting: (() => void)[] = [];
  const started = new WeakSet<Worker>();
  let running = 0;

  const oneOf = async <T>(work: (thread: Worker) => Promise<T>): Promise<T> => {
    while (running >= THREADS) await new Promise<void>((resolve) => waiting.push(resolve));
    running++;
    const thread = idle.pop() ?? new Worker(START, { eval: true });
    try {
      if (!started.has(thread)) await ready(thread);
      started.add(thread);
      // It must not keep a process alive that has nothing else to do.
      thread.ref();
      const done = await work(thread);
      thread.unref();
      idle.push(thread);
      return done;
    } catch (error) {
      void thread.terminate();
      throw error;
    } finally {
      running--;
      waiting.shift()?.();
    }
  };

  return (html, address) =>
    oneOf(
      (thread) =>
        new Promise<FieldPage>((resolve, reject) => {
          const end = () => {
            clearTimeout(timer);
            thread.removeAllListeners();
          };
          const timer = setTimeout(() => {
            end();
            reject(
              new PageFailure(
                "took-too-long",
                `The page could not be read within ${milliseconds / 1000} seconds.`,
              ),
            );
          }, milliseconds);
          thread.once("message", (answer: { page: FieldPage } | { failed: string }) => {
            end();
            if ("page" in answer) resolve(answer.page);
            else reject(new PageFailure("no-text", `The page could not be read: ${answer.failed}.`));
          });
          thread.once("error", (error) => {
            end();
            reject(new PageFailure("no-text", `The page could not be read: ${error.message}.`));
          });
          thread.postMessage({ html, address });
        }),
    );
}
