import * as Comlink from "comlink";
import { describe, expect, it } from "vitest";
import { type Startable, supervise, TookTooLong, WorkerStopped } from "./supervise";

interface Api {
  add(a: number, b: number): number;
  hang(): void;
  fail(): void;
  report(done: (n: number) => void): Promise<string>;
}

/** Workers of a test: each is a channel, whose other end answers until it is ended. */
function workers() {
  const started: { die: (type: "error" | "messageerror") => void; ended: boolean; requests: number }[] = [];
  const start = (): Startable => {
    const { port1, port2 } = new MessageChannel();
    const listeners = new Map<string, (event: Event) => void>();
    const own = {
      ended: false,
      requests: 0,
      die: (type: "error" | "messageerror") => listeners.get(type)!(new Event(type)),
    };
    started.push(own);
    Comlink.expose(
      {
        add: (a: number, b: number) => {
          own.requests++;
          return a + b;
        },
        hang: () => {
          own.requests++;
          return new Promise(() => {});
        },
        fail: () => {
          own.requests++;
          throw new Error("no");
        },
        report: async (done: (n: number) => Promise<void>) => {
          await done(1);
          return "done";
        },
      },
      port2,
    );
    return {
      postMessage: (message: unknown, transfer: Transferable[]) => port1.postMessage(message, transfer),
      removeEventListener: port1.removeEventListener.bind(port1),
      start: () => port1.start(),
      addEventListener: (type: string, listener: never) => {
        if (type === "message") port1.addEventListener(type, listener);
        else listeners.set(type, listener);
      },
      terminate: () => {
        own.ended = true;
        port1.close();
        port2.close();
      },
    } as Startable;
  };
  return { started, start };
}

describe("a supervised worker", () => {
  it("answers, and passes on what fails", async () => {
    const { start, started } = workers();
    const { api, end } = supervise<Api>("adds", start);
    expect(await api.add(1, 2)).toBe(3);
    await expect(api.fail()).rejects.toThrow("no");
    const heard: number[] = [];
    expect(await api.report(Comlink.proxy((n: number) => void heard.push(n)) as never)).toBe("done");
    expect([heard, started.length, started[0]!.requests]).toEqual([[1], 1, 2]);
    end();
  });

  it.each(["error", "messageerror"] as const)(
    "is started again after %s, and asked once more",
    async (type) => {
      const { start, started } = workers();
      const { api, end } = supervise<Api>("adds", start);
      await api.add(0, 0);
      const answer = api.hang();
      const failed = expect(answer).rejects.toThrow(WorkerStopped);
      await expect.poll(() => started[0]!.requests).toBe(2);
      started[0]!.die(type);
      await expect.poll(() => started[1]?.requests).toBe(1);
      // A second time it is told that it failed.
      started[1]!.die(type);
      await failed;
      expect(started.map(({ ended }) => ended)).toEqual([true, true]);
      expect(await api.add(2, 2)).toBe(4);
      end();
    },
  );

  it("is not asked twice where that would do something twice", async () => {
    const { start, started } = workers();
    const { api } = supervise<Api>("adds", start, { again: false });
    const failed = expect(api.hang()).rejects.toThrow(WorkerStopped);
    await expect.poll(() => started[0]?.requests).toBe(1);
    started[0]!.die("error");
    await failed;
    expect(started).toHaveLength(1);
  });

  it("is ended when it takes longer than it may; what else was asked of it is asked again", async () => {
    const { start, started } = workers();
    const { api, within, end } = supervise<Api>("adds", start);
    await api.add(0, 0);
    const slow = expect(within(50).hang()).rejects.toThrow(TookTooLong);
    const other = api.hang();
    other.catch(() => {});
    await slow;
    await expect.poll(() => started[1]?.requests).toBe(1);
    expect(started[0]!.ended).toBe(true);
    end();
    await expect(other).rejects.toThrow(WorkerStopped);
  });
});
