/** One tab writes a post at a time; who may is found out however slow the machine is. */
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { holdPost, type LockTerms, type PostLock } from "./holdPost";

/** Locks as browsers keep them, each held by one at a time. */
function fakeLocks() {
  interface Waiting {
    grant: () => void;
    signal: AbortSignal | undefined;
  }
  const queues = new Map<string, Waiting[]>();
  const held = new Set<string>();
  const next = (name: string) => {
    if (held.has(name)) return;
    const queue = queues.get(name) ?? [];
    for (let one = queue.shift(); one; one = queue.shift()) {
      if (one.signal?.aborted) continue;
      one.grant();
      return;
    }
  };
  return {
    /** Milliseconds that asking takes: a busy machine. */
    slow: 0,
    request(name: string, { signal }: LockOptions, work: () => Promise<void>): Promise<void> {
      return new Promise((resolve, reject) => {
        signal?.addEventListener("abort", () => reject(signal.reason));
        const grant = () => {
          held.add(name);
          void work().finally(() => {
            held.delete(name);
            resolve();
            next(name);
          });
        };
        setTimeout(() => {
          queues.set(name, [...(queues.get(name) ?? []), { grant, signal }]);
          next(name);
        }, this.slow);
      });
    },
  };
}

let locks: ReturnType<typeof fakeLocks>;
const tabs: PostLock[] = [];
/** A tab that opens the post. */
function tab(id: string, terms: Partial<LockTerms> = {}): PostLock {
  const lock = holdPost(id, {
    takeOver: false,
    handOver: () => Promise.resolve(),
    onTaken: () => {},
    ...terms,
  });
  tabs.push(lock);
  return lock;
}

beforeEach(() => {
  locks = fakeLocks();
  vi.stubGlobal("navigator", { locks });
});
afterEach(() => {
  for (const lock of tabs.splice(0)) lock.release();
  vi.unstubAllGlobals();
});

describe("a post", () => {
  it("is written by the tab that opens it first, and by the next once that has left it", async () => {
    const first = tab("p");
    expect(await first.writing).toBe(true);
    expect(await tab("p").writing).toBe(false);
    first.release();
    expect(await tab("p").writing).toBe(true);
  });

  it("is written where nobody has it, though the machine takes long to say so", async () => {
    locks.slow = 900;
    expect(await tab("p").writing).toBe(true);
  });

  it("is written after a page that is just being left lets go of it", async () => {
    const left = tab("p");
    await left.writing;
    const next = tab("p");
    setTimeout(() => left.release(), 100);
    expect(await next.writing).toBe(true);
  });

  it("is read only in the later of two tabs that open it at once", async () => {
    const both = [tab("p"), tab("p")];
    expect(await Promise.all(both.map(({ writing }) => writing))).toEqual([true, false]);
  });

  it("is another post's matter no more than its name says", async () => {
    await tab("p").writing;
    expect(await tab("q").writing).toBe(true);
  });

  it("is handed over to the tab that takes it, after that which had it has stored it", async () => {
    const steps: string[] = [];
    const first = tab("p", {
      handOver: async () => {
        await Promise.resolve();
        steps.push("stored");
      },
    });
    await first.writing;
    const second = tab("p", { takeOver: true });
    expect(await second.writing.then((writing) => steps.push(`written: ${writing}`))).toBe(2);
    expect(steps).toEqual(["stored", "written: true"]);
  });
});
