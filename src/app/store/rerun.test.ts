import { expect, it } from "vitest";
import { Rerun } from "./rerun";

it("runs once more after for all who asked while it ran, and never twice at once", async () => {
  const rerun = new Rerun();
  let [running, most, runs] = [0, 0, 0];
  const task = async () => {
    running++;
    most = Math.max(most, running);
    runs++;
    await new Promise((resolve) => setTimeout(resolve, 1));
    running--;
  };
  const first = rerun.run(task);
  await rerun.run(task);
  await rerun.run(task);
  expect(rerun.askedAgain).toBe(true);
  await first;
  expect([runs, most, rerun.askedAgain]).toEqual([2, 1, false]);
});

it("can be asked again after a failure", async () => {
  const rerun = new Rerun();
  await expect(rerun.run(() => Promise.reject(new Error("no")))).rejects.toThrow("no");
  let ran = false;
  await rerun.run(async () => {
    ran = true;
  });
  expect(ran).toBe(true);
});
