/**
 * A worker as the application calls it. One that died is started again and its requests are asked once more; one that takes longer
 * than it may is ended. Nobody waits for an answer that cannot come.
 */
import * as Comlink from "comlink";

/** The worker stopped before it answered. */
export class WorkerStopped extends Error {
  override name = "WorkerStopped";
}

/** It took longer than it may, and was ended. */
export class TookTooLong extends Error {
  override name = "TookTooLong";
  constructor(milliseconds: number) {
    super(`It took longer than ${Math.round(milliseconds / 1000)} seconds and was ended.`);
  }
}

/** Told on the window when a worker died; its detail says which, and why. */
export const WORKER_STOPPED = "worker-stopped";

export interface Supervised<Api> {
  api: Comlink.Remote<Api>;
  /** The same, where each answer must come within so many milliseconds. */
  within(milliseconds: number): Comlink.Remote<Api>;
  /** Starts the worker where none runs, so that the first request need not wait for it. */
  start(): void;
  /** Ends the worker, and with it whatever it is at; who waits for it is told. The next request starts another. */
  end(): void;
}

/** Of a worker, what is needed here. */
export type Startable = Pick<Worker, "addEventListener" | "terminate"> & Comlink.Endpoint;

interface Running {
  worker: Startable;
  remote: Record<string, (...args: unknown[]) => Promise<unknown>>;
  /** Who waits for an answer. */
  waiting: Set<(error: Error) => void>;
}

/**
 * @param name what it does, in words that a person sees
 * @param again whether requests are asked once more of the next one; not where asking twice would do something twice
 */
export function supervise<Api>(
  name: string,
  start: () => Startable,
  { again = true }: { again?: boolean } = {},
): Supervised<Api> {
  let running: Running | null = null;

  function run(): Running {
    if (running) return running;
    const worker = start();
    const own: Running = {
      worker,
      remote: Comlink.wrap(worker) as unknown as Running["remote"],
      waiting: new Set(),
    };
    running = own;
    const died = (event: Event) => {
      const why = (event as ErrorEvent).message || "it could not be loaded";
      stop(own, new WorkerStopped(`The part that ${name} stopped: ${why}.`));
      globalThis.dispatchEvent?.(new CustomEvent(WORKER_STOPPED, { detail: { name, why } }));
    };
    worker.addEventListener("error", died as EventListener);
    worker.addEventListener("messageerror", died as EventListener);
    return own;
  }

  function stop(which: Running, error: Error): void {
    if (running === which) running = null;
    which.worker.terminate();
    for (const reject of which.waiting) reject(error);
    which.waiting.clear();
  }

  async function ask(
    method: string,
    args: unknown[],
    limit: number | null,
    mayAskAgain: boolean,
  ): Promise<unknown> {
    const own = run();
    try {
      return await new Promise((resolve, reject) => {
        own.waiting.add(reject);
        const timer =
          limit === null
            ? undefined
            : setTimeout(() => {
                own.waiting.delete(reject);
                reject(new TookTooLong(limit));
                stop(own, new WorkerStopped(`The part that ${name} was ended.`));
              }, limit);
        own.remote[method]!(...args)
          .then(resolve, reject)
          .finally(() => {
            clearTimeout(timer);
            own.waiting.delete(reject);
          });
      });
    } catch (error) {
      if (error instanceof WorkerStopped && mayAskAgain) return ask(method, args, limit, false);
      throw error;
    }
  }

  const remoteWithin = (limit: number | null): Comlink.Remote<Api> =>
    new Proxy({} as Comlink.Remote<Api>, {
      get: (_target, method) =>
        // A promise of it must not take it for one itself.
        typeof method === "string" && method !== "then"
          ? (...args: unknown[]) => ask(method, args, limit, again)
          : undefined,
    });

  return {
    api: remoteWithin(null),
    within: remoteWithin,
    start: () => void run(),
    end: () => {
      if (running) stop(running, new WorkerStopped(`The part that ${name} was ended.`));
    },
  };
}
