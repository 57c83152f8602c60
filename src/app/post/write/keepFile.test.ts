import { beforeEach, describe, expect, it, vi } from "vitest";
import { db } from "../../../data/db";
import { keepFile } from "./keepFile";

const file = (name: string, bytes: string) => new File([bytes], name);
beforeEach(async () => {
  await db.assets.clear();
  vi.stubGlobal("navigator", { storage: { estimate: async () => ({ usage: 0, quota: 1e9 }) } });
});

describe("a file to download", () => {
  it.each([
    ["checklist.pdf", "%PDF-1.7 x", "application/pdf"],
    ["Costs.CSV", "a;b\n1;2", "text/csv"],
  ])("is kept with the kind that its name says: %s", async (name, bytes, type) => {
    const { id } = await keepFile(file(name, bytes));
    expect(await db.assets.get(id)).toMatchObject({ fileName: name, type, width: null, fresh: true });
  });

  it.each([
    ["program.exe", "MZ", "of a kind that posts do not offer"],
    ["page.html", "<p>x</p>", "of a kind that posts do not offer"],
    ["no ending", "x", "of a kind that posts do not offer"],
    ["checklist.pdf", "MZ\u0000 program", "is not what its name says"],
    ["picture.png", "%PDF-1.7", "is not what its name says"],
  ])("is refused with a reason, and nothing is kept: %s", async (name, bytes, why) => {
    await expect(keepFile(file(name, bytes))).rejects.toThrow(why);
    await expect(keepFile(file(name, bytes))).rejects.toThrow("Your post is unchanged.");
    expect(await db.assets.count()).toBe(0);
  });
});
