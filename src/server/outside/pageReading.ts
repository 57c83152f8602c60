/**
 * Reading of fetched pages, in a thread: a page made to be read for ever costs its own reader ten seconds, and nobody else a
 * thing. The thread is kept for the next page, and ended with the page that it could not finish.
 */
import { Worker } from "node:worker_threads";
import pLimit from "p-limit";
import type { CompetitorPage } from "../../core/competitors/page";
import { PageFailure } from "./pageFetcher";

const ENTRY = JSON.stringify(new URL("./pageReading.thread.ts", import.meta.url).href);
/** A thread knows no TypeScript until it is told. */
const START = `import("tsx/esm/api").then((tsx) => { tsx.register(); return import(${ENTRY}); })`;
/** Pages read at once; more wait for their turn. */
const THREADS = 2;
/** Milliseconds that a thread may take to begin; a busy machine takes a few seconds. */
const LONGEST_START = 30_000;

export type PageReading = (html: string, address: string) => Promise<CompetitorPage>;

/** A thread that dies while it has nothing to do must neither end the server nor be asked again. */
function freshThread(idle: Worker[]): Worker {
  const thread = new Worker(START, { eval: true });
  thread.on("error", () => {});
  thread.once("exit", () => {
    const at = idle.indexOf(thread);
    if (at >= 0) idle.splice(at, 1);
  });
  return thread;
}

/** The next message of a thread, or its error. */
function nextFrom<T>(thread: Worker, ask?: unknown, milliseconds?: number): Promise<T> {
  return new Promise((resolve, reject) => {
    let timer: NodeJS.Timeout | undefined;
    const end = () => {
      clearTimeout(timer);
      thread.off("message", onMessage).off("error", onError);
    };
    const onMessage = (message: T) => {
      end();
      resolve(message);
    };
    const onError = (error: Error) => {
      end();
      reject(new PageFailure("no-text", `The page could not be read: ${error.message}.`));
    };
    thread.on("message", onMessage).on("error", onError);
    if (milliseconds)
      timer = setTimeout(() => {
        end();
        reject(
          new PageFailure(
            "took-too-long",
            `The page could not be read within ${milliseconds / 1000} seconds.`,
          ),
        );
      }, milliseconds);
    if (ask) thread.postMessage(ask);
  });
}

/**
 * @param milliseconds that one page may take
 * @throws PageFailure where it takes longer, or cannot be read
 */
export function pageReading(milliseconds = 10_000): PageReading {
  const idle: Worker[] = [];
  const started = new WeakSet<Worker>();
  const limit = pLimit(THREADS);

  const withThread = async <T>(work: (thread: Worker) => Promise<T>): Promise<T> => {
    const thread = idle.pop() ?? freshThread(idle);
    try {
      // A new thread says when it can read; that is not the page's time.
      if (!started.has(thread)) await nextFrom(thread, undefined, LONGEST_START);
      started.add(thread);
      // It must not keep a process alive that has nothing else to do.
      thread.ref();
      const result = await work(thread);
      thread.unref();
      idle.push(thread);
      return result;
    } catch (error) {
      void thread.terminate();
      throw error;
    }
  };

  return (html, address) =>
    limit(() =>
      withThread(async (thread) => {
        const answer = await nextFrom<{ page: CompetitorPage } | { failed: string }>(
          thread,
          { html, address },
          milliseconds,
        );
        if ("page" in answer) return answer.page;
        throw new PageFailure("no-text", `The page could not be read: ${answer.failed}.`);
      }),
    );
}
