/** Keeping the open post's report current: what is sent, and which answers count. */
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { EditorDoc } from "../../core/blocks/editorJson";
import type { DraftUpdate } from "../../core/proof/engine";
import { newPost } from "../../data/newPost";
import { emptySite } from "../../data/settings";
import { createProofApi } from "../../workers/proofApi";
import { postEdited, postOpened } from "../store/openPostSlice";
import { PostSession } from "../store/postSession";
import { createTestStore } from "../testing/testStore";
import { startLiveProof } from "./liveProof";

const NOW = "2026-11-28T10:00:00.000Z";
const post = newPost("p", emptySite, NOW, { title: "Cargo bikes", keyword: "cargo bike" });
const doc = (...texts: string[]): EditorDoc => ({
  type: "doc",
  content: texts.map((text, i) => ({
    type: "paragraph",
    attrs: { id: `n${i}` },
    content: [{ type: "text", text }],
  })),
});
const AFTER_A_REST = 1000;

function setUp(update?: (sent: DraftUpdate) => Promise<unknown>) {
  const proof = createProofApi();
  const sent: DraftUpdate[] = [];
  const workers = {
    proof: {
      update: (one: DraftUpdate) => {
        sent.push(one);
        return update ? update(one) : Promise.resolve(proof.update(one));
      },
      close: async (id: string) => proof.close(id),
    },
  };
  const { store } = createTestStore({ workers });
  store.dispatch(postOpened({ post, outline: [] }));
  const session = new PostSession("p", doc("A cargo bike carries children.", "It is long."));
  const live = store.dispatch(startLiveProof(session));
  return { store, session, live, sent };
}

beforeEach(() => {
  vi.stubGlobal("window", { location: { pathname: "/" } });
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
  vi.restoreAllMocks();
});

describe("live proof", () => {
  it("sends all blocks once, then only what changed, and the report arrives", async () => {
    const { store, session, live, sent } = setUp();
    live.request();
    await vi.advanceTimersByTimeAsync(AFTER_A_REST);
    expect(store.getState().openPost.report!.words).toBe(8);
    const [first] = sent;
    expect(first!.changed).toHaveLength(2);
    expect(first!.context).toBeDefined();
    const before = session.json();
    session.setDoc({ type: "doc", content: [before.content[0]!, doc("", "It is very long.").content[1]!] });
    live.request();
    await vi.advanceTimersByTimeAsync(AFTER_A_REST);
    expect(sent[1]!.changed).toHaveLength(1);
    expect(sent[1]!.context).toBeUndefined();
    expect(sent[1]!.profile).toBeUndefined();
    expect(store.getState().openPost.report!.words).toBe(9);
    live.stop();
  });

  it("sends the context again where a field of the post changed", async () => {
    const { store, live, sent } = setUp();
    live.request();
    await vi.advanceTimersByTimeAsync(AFTER_A_REST);
    store.dispatch(postEdited({ setAside: { length: "short on purpose" } }));
    live.request();
    await vi.advanceTimersByTimeAsync(AFTER_A_REST);
    expect(sent[1]!.changed).toEqual([]);
    expect(sent[1]!.context!.setAside).toEqual({ length: "short on purpose" });
    live.stop();
  });

  it("sends everything again after the worker has lost what it held", async () => {
    vi.spyOn(console, "error").mockImplementation(() => {});
    let fails = true;
    const proof = createProofApi();
    const { store, live, sent } = setUp(async (one) => {
      if (!fails) return proof.update(one);
      fails = false;
      throw new Error("stopped");
    });
    live.request();
    await vi.advanceTimersByTimeAsync(3 * AFTER_A_REST);
    expect(sent.map(({ changed }) => changed.length)).toEqual([2, 2]);
    expect(store.getState().openPost.report!.words).toBe(8);
    live.stop();
  });

  it("gives up after three failures, until something changes", async () => {
    vi.spyOn(console, "error").mockImplementation(() => {});
    const { live, sent } = setUp(() => Promise.reject(new Error("never")));
    live.request();
    await vi.advanceTimersByTimeAsync(20 * AFTER_A_REST);
    expect(sent).toHaveLength(3);
    live.stop();
  });

  it("drops an answer that comes after the post is closed", async () => {
    let answer: (value: unknown) => void = () => {};
    const proof = createProofApi();
    const { store, live } = setUp(
      (one) =>
        new Promise((resolve) => {
          answer = () => resolve(proof.update(one));
        }),
    );
    live.request();
    await vi.advanceTimersByTimeAsync(AFTER_A_REST);
    live.stop();
    answer(null);
    await vi.advanceTimersByTimeAsync(AFTER_A_REST);
    expect(store.getState().openPost.report).toBeNull();
  });
});
