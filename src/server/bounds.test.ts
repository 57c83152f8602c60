import { EventEmitter } from "node:events";
import type { Request, Response } from "express";
import { expect, it, vi } from "vitest";
import { atOnce } from "./bounds";

function response() {
  const own = new EventEmitter() as EventEmitter & Record<string, ReturnType<typeof vi.fn>>;
  for (const name of ["status", "set", "type", "send"]) own[name] = vi.fn(() => own);
  return own as unknown as Response & EventEmitter & { status: ReturnType<typeof vi.fn> };
}
const none = {} as Request;

it("works on so many at once; others wait their turn in order, and go on when one is done or its reader is gone", () => {
  const bound = atOnce(2, 10);
  const begun: number[] = [];
  const all = Array.from({ length: 5 }, (_, i) => {
    const one = response();
    bound(none, one, () => void begun.push(i));
    return one;
  });
  expect(begun).toEqual([0, 1]);
  all[2]!.emit("close");
  all[0]!.emit("close");
  expect(begun).toEqual([0, 1, 3]);
  all[1]!.emit("close");
  all[3]!.emit("close");
  expect(begun).toEqual([0, 1, 3, 4]);
});

it("sends away what is far beyond", () => {
  const bound = atOnce(1, 1);
  const [running, waiting, away] = [response(), response(), response()];
  for (const one of [running, waiting, away]) bound(none, one, () => {});
  expect(away.status).toHaveBeenCalledWith(503);
  expect(waiting.status).not.toHaveBeenCalled();
});
