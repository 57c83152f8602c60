/** What a person does with keywords, and its undo. */
import { beforeEach, describe, expect, it, vi } from "vitest";
import { bareListKeyword, type KeywordList } from "../../core/keywords/list";
import { db } from "../../data/db";
import { getHidden } from "../../data/settings";
import { getList } from "../../data/wholeLists";
import { lastNotice } from "../testing/notices";
import { createTestStore } from "../testing/testStore";
import {
  duplicateList,
  hide,
  makeList,
  mergeInto,
  moveTo,
  putInList,
  removeList,
  splitOff,
  takeOut,
} from "./actions";

const keywords = (...texts: string[]) => texts.map(bareListKeyword);
const textsOf = async (id: string) => (await getList(id))?.keywords.map(({ text }) => text);
const list = async (id: string): Promise<KeywordList> => (await getList(id))!;
/** Presses Undo, and waits until that, a write of its own, has had its effect. */
const undo = async <T>(read: () => Promise<T>, effect: T) => {
  lastNotice()!.press!();
  await vi.waitFor(async () => expect(await read()).toEqual(effect), { timeout: 20_000 });
};
const newList = async (name: string, ...texts: string[]) => (await makeList(name, "en", keywords(...texts)))!;

beforeEach(async () => {
  await Promise.all(db.tables.map((table) => table.clear()));
});

describe("keyword lists", () => {
  it("take keywords once, and say how many were there already", async () => {
    const id = await newList("Bikes", "cargo bike");
    await putInList(id, keywords("Cargo Bike", "bell"));
    expect(await textsOf(id)).toEqual(["cargo bike", "bell"]);
    expect(lastNotice()!.text).toBe("1 keyword added to “Bikes”; it had 1 already.");
  });

  it("give keywords up, and have them back", async () => {
    const id = await newList("Bikes", "cargo bike", "bell", "lock");
    await takeOut(await list(id), ["bell"]);
    expect(await textsOf(id)).toEqual(["cargo bike", "lock"]);
    await undo(() => textsOf(id), ["cargo bike", "bell", "lock"]);
  });

  it("move keywords to another list and back", async () => {
    const [from, to] = [await newList("From", "a bike", "b bike"), await newList("To", "c bike")];
    await moveTo(await list(from), to, ["a bike"]);
    expect([await textsOf(from), await textsOf(to)]).toEqual([["b bike"], ["c bike", "a bike"]]);
    await undo(() => Promise.all([textsOf(from), textsOf(to)]), [["a bike", "b bike"], ["c bike"]]);
  });

  it("are split, and made whole again", async () => {
    const id = await newList("Whole", "a bike", "b bike");
    const part = (await splitOff(await list(id), "Part", ["b bike"]))!;
    expect([await textsOf(id), await textsOf(part)]).toEqual([["a bike"], ["b bike"]]);
    await undo(() => Promise.all([textsOf(id), getList(part)]), [["a bike", "b bike"], undefined]);
  });

  it("are merged, and parted again", async () => {
    const [into, other] = [await newList("Into", "a bike"), await newList("Other", "b bike", "a bike")];
    await mergeInto(into, await list(other));
    expect([await textsOf(into), await getList(other)]).toEqual([["a bike", "b bike"], undefined]);
    await undo(() => Promise.all([textsOf(into), textsOf(other)]), [["a bike"], ["b bike", "a bike"]]);
  });

  it("are deleted and brought back, and copied under a name of their own", async () => {
    const id = await newList("Bikes", "a bike");
    const copy = (await duplicateList(await list(id)))!;
    expect((await list(copy)).name).toBe("Bikes, copy");
    await removeList(await list(id));
    expect(await getList(id)).toBeUndefined();
    await undo(() => textsOf(id), ["a bike"]);
  });
});

it("hides keywords for the site, each once, and shows them again", async () => {
  const { store } = createTestStore();
  await store.dispatch(hide(["cheap", "cheap", "used"]));
  expect(await getHidden()).toEqual(["cheap", "used"]);
  await undo(async () => [await getHidden(), store.getState().session.hidden], [[], []]);
});

it("says what could not be saved, and that nothing changed", async () => {
  await takeOut({ id: "gone", name: "Gone", target: "", keywords: [] } as unknown as KeywordList, ["a"]);
  expect(lastNotice()!.text).toMatch(/^That was not saved: .* What was there is unchanged\.$/);
});
