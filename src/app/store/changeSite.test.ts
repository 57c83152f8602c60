import { beforeEach, expect, it, vi } from "vitest";
import { db } from "../../data/db";
import { getSite } from "../../data/settings";
import { lastNotice } from "../testing/notices";
import { createTestStore } from "../testing/testStore";
import { changeSite } from "./changeSite";

beforeEach(async () => {
  vi.restoreAllMocks();
  await Promise.all(db.tables.map((table) => table.clear()));
});

it("stores what is changed of the site before it shows it", async () => {
  const { store } = createTestStore();
  const shown: boolean[] = [];
  store.subscribe(() => void shown.push(store.getState().session.site.setAside !== undefined));
  const done = store.dispatch(changeSite({ setAside: { length: "short on purpose" } }));
  expect(shown).toEqual([]);
  expect(await done).toBe(true);
  expect((await getSite())?.setAside).toEqual({ length: "short on purpose" });
  expect(store.getState().session.site.setAside).toEqual({ length: "short on purpose" });
});

it("shows nothing that could not be stored, and says so", async () => {
  const { store } = createTestStore();
  const before = store.getState().session.site;
  vi.spyOn(db.settings, "put").mockRejectedValue(new Error("The disk is full"));
  expect(await store.dispatch(changeSite({ name: "Other" }))).toBe(false);
  expect(store.getState().session.site).toBe(before);
  expect(lastNotice()!.text).toBe("That was not saved: The disk is full. What was there is unchanged.");
});
