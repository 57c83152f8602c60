import "fake-indexeddb/auto";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { db } from "../../data/db";
import { getSuggestion, listDrawer } from "../../data/drawer";
import type { ChatClient } from "../../services/writer/chatClient";
import { createTestStore } from "../testing/testStore";
import { askApprentice, readWhatArrived, stopAsking } from "./ask";
import { blockTextsOf, nodesOf } from "./nodes";
import { saidOrigins } from "./origins";

const answer = (text: string) => ({ text, parts: [{ field: "title", text, from: [] }], findings: [] });
const apprentice = {
  suggest: vi.fn(async () => ({ answers: [answer("From the stand-in")], missing: ["More notes."] })),
  prompt: vi.fn(async () => ({ system: "s", user: "u" })),
  read: vi.fn(async (_request: unknown, text: string, _writer: string, whole: boolean) => ({
    answers: text.includes("bad") ? [] : [answer(text)],
    missing: whole ? [] : ["It stopped."],
  })),
};
const storeWith = (write: ChatClient["write"] = async () => "") =>
  createTestStore({ workers: { apprentice }, writer: { write } }).store;
const ask = (source: "stand-in" | "connected" | "by-hand", pasted = "") =>
  askApprentice({ task: "titles", input: { keyword: "locks" }, seed: 1, source, pasted, postId: "" });

beforeEach(async () => {
  await db.drawer.clear();
  vi.stubGlobal("addEventListener", vi.fn());
  vi.stubGlobal("removeEventListener", vi.fn());
});

describe("a request", () => {
  it("is in the drawer with its answers, and what was missing", async () => {
    const { id, done } = storeWith().dispatch(ask("stand-in"));
    await done;
    expect(await getSuggestion(id)).toMatchObject({
      task: "titles",
      source: "stand-in",
      state: "whole",
      request: { keyword: "locks" },
      answers: [{ text: "From the stand-in" }],
      missing: ["More notes."],
      taken: "",
    });
  });
  it("by hand reads what was pasted", async () => {
    const { id, done } = storeWith().dispatch(ask("by-hand", "A pasted title"));
    await done;
    expect(await getSuggestion(id)).toMatchObject({
      source: "by-hand",
      answers: [{ text: "A pasted title" }],
    });
  });
  it("keeps what arrives while it does, and shows it at once", async () => {
    let arrive: (text: string) => void = () => {};
    let finish: (text: string) => void = () => {};
    const store = storeWith((_connection, _prompt, { onText }) => {
      arrive = onText;
      return new Promise((resolve) => {
        finish = resolve;
      });
    });
    const { id, done } = store.dispatch(ask("connected"));
    await vi.waitFor(() => expect(apprentice.prompt).toHaveBeenCalled());
    await vi.waitFor(() => {
      arrive("Half a ti");
      expect(store.getState().apprentice[id]).toBe("Half a ti");
    });
    await vi.waitFor(async () =>
      expect(await getSuggestion(id)).toMatchObject({ state: "arriving", arrived: "Half a ti" }),
    );
    finish("Half a title, whole");
    await done;
    expect(await getSuggestion(id)).toMatchObject({
      state: "whole",
      arrived: "",
      answers: [{ text: "Half a title, whole" }],
    });
    expect(store.getState().apprentice).toEqual({});
  });
  it("that is stopped keeps and reads what had arrived", async () => {
    const store = storeWith(
      (_connection, _prompt, { onText, signal }) =>
        new Promise((_resolve, reject) => {
          onText("So far");
          signal.addEventListener("abort", () => reject(new Error("Stopped.")));
        }),
    );
    const { id, done } = store.dispatch(ask("connected"));
    await vi.waitFor(() => expect(store.getState().apprentice[id]).toBe("So far"));
    store.dispatch(stopAsking(id));
    await done;
    expect(await getSuggestion(id)).toMatchObject({
      state: "stopped",
      arrived: "So far",
      answers: [{ text: "So far" }],
      missing: ["It stopped."],
    });
  });
  it("that fails says why, and costs nothing else", async () => {
    const store = storeWith(async (_connection, _prompt, { onText }) => {
      onText("bad half");
      throw new Error("The connection to the writer broke.");
    });
    const { id, done } = store.dispatch(ask("connected"));
    await done;
    expect(await getSuggestion(id)).toMatchObject({
      state: "failed",
      arrived: "bad half",
      answers: [],
      missing: ["The connection to the writer broke.", "It stopped."],
    });
    const entry = (await getSuggestion(id))!;
    await store.dispatch(readWhatArrived({ ...entry, arrived: "Good half" }));
    expect(await getSuggestion(id)).toMatchObject({ state: "stopped", answers: [{ text: "Good half" }] });
    expect(await listDrawer()).toHaveLength(1);
  });
});

it("makes plain text of parts, whatever stands in them", () => {
  const parts = [
    { field: "heading", text: "Locks" },
    { field: "paragraph", text: "One <b>lock</b>." },
    { field: "sentence", text: "It holds." },
    { field: "item", text: "Chains" },
    { field: "entry", text: "Cables" },
    { field: "sentence", text: "" },
  ];
  expect(nodesOf(parts)).toEqual([
    { type: "heading", attrs: { level: 3 }, content: [{ type: "text", text: "Locks" }] },
    { type: "paragraph", content: [{ type: "text", text: "One <b>lock</b>. It holds." }] },
    {
      type: "bulletList",
      content: ["Chains", "Cables"].map((text) => ({
        type: "listItem",
        content: [{ type: "paragraph", content: [{ type: "text", text }] }],
      })),
    },
    { type: "paragraph", content: [] },
  ]);
  expect(blockTextsOf(parts)).toEqual(["Locks", "One <b>lock</b>. It holds.", "Chains", "Cables"]);
});

it("says what a part was made from, the writer's own words last", () => {
  expect(
    saidOrigins({
      from: [
        { kind: "writer", ref: "stand-in writer", quote: "" },
        { kind: "transcript", ref: "0:42 Mara", quote: "It holds" },
        { kind: "outline", ref: "Kinds", quote: "Kinds" },
      ],
    }),
  ).toEqual(["recording, 0:42 Mara: “It holds”", "outline: “Kinds”", "the writer's own words"]);
});
