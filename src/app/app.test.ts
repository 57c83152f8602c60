/** What the application computes for itself, without a browser. */
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { stemKey } from "../core/keywords/stemKey";
import { proof } from "../core/proof/proof";
import { draftOf } from "../core/testing/draftOf";
import type { Post } from "../data/model";
import { newPost } from "../data/newPost";
import { emptySite } from "../data/settings";
import { attention } from "./desk/attention";
import { asAddress } from "./post/write/asAddress";
import { groupNotes, type MarginNote, marginNotes, stack } from "./post/write/noteGroups";
import {
  openPost,
  outlineItemAdded,
  outlineItemChanged,
  outlineItemMoved,
  outlineRedone,
  outlineUndone,
  postOpened,
  reportArrived,
} from "./store/openPostSlice";
import { posts, postsRead } from "./store/postsSlice";
import { createSaver, type SaverStatus } from "./store/saver";
import { count, points } from "./ui/figures";
import { kilobytes } from "./ui/shortFigures";

const NOW = "2026-11-24T10:00:00.000Z";
const post = (id: string, fields = {}) => newPost(id, emptySite, NOW, fields);

describe("the list of posts, read anew", () => {
  it("keeps what says the same, and takes what is another or gone", () => {
    const read = (state: ReturnType<typeof posts> | undefined, ...all: Post[]) =>
      posts(state, postsRead(structuredClone(all)));
    const before = read(undefined, post("a"), post("b"), post("c", { tags: ["rain"] }));
    const after = read(
      before,
      post("a"),
      post("b", { title: "New" }),
      post("c", { tags: ["sun"] }),
      post("d"),
    );
    const { a, b, c, d } = after.posts.entities;
    expect(a).toBe(before.posts.entities.a);
    expect([b!.title, c!.tags, d!.id]).toEqual(["New", ["sun"], "d"]);
    expect(read(after, post("d")).posts.ids).toEqual(["d"]);
  });
});

describe("the saver", () => {
  beforeEach(() => {
    vi.useFakeTimers();
  });
  afterEach(() => {
    vi.useRealTimers();
  });

  function setUp(save = vi.fn(async (_key: string, _change: object, _now: boolean) => {})) {
    const states: SaverStatus["state"][] = [];
    const saver = createSaver<{ a?: number; b?: number }>(save, ({ state }) => states.push(state));
    return { saver, save, states };
  }

  it("saves once, merged, within a second of the first change however long the typing goes on", async () => {
    const { saver, save } = setUp();
    for (let i = 0; i < 15; i++) {
      saver.note("p", { a: i });
      await vi.advanceTimersByTimeAsync(100);
    }
    expect(save).toHaveBeenCalledTimes(2);
    expect(save.mock.calls[0]).toEqual(["p", { a: 6 }, false]);
  });

  it("flushes at once, and says saved only when nothing is pending", async () => {
    const { saver, save, states } = setUp();
    saver.note("p", { a: 1 });
    saver.note("q", { b: 2 });
    await saver.flush();
    expect(save.mock.calls).toEqual([
      ["p", { a: 1 }, true],
      ["q", { b: 2 }, true],
    ]);
    expect(states).toEqual(["saving", "saving"]);
    await vi.advanceTimersByTimeAsync(150);
    expect(states).toEqual(["saving", "saving", "saved"]);
    await saver.flush();
    expect(save).toHaveBeenCalledTimes(2);
  });

  it("keeps a change that could not be saved, tries again, and lets what is newer win", async () => {
    let refuse = true;
    const save = vi.fn(async (_key: string, _change: object, _now: boolean) => {
      if (refuse) throw new Error("full");
    });
    const { saver, states } = setUp(save);
    saver.note("p", { a: 1, b: 1 });
    await vi.advanceTimersByTimeAsync(700);
    expect(states.at(-1)).toBe("failed");
    saver.note("p", { a: 2 });
    await vi.advanceTimersByTimeAsync(700);
    refuse = false;
    await vi.advanceTimersByTimeAsync(10_000);
    expect(save.mock.lastCall).toEqual(["p", { a: 2, b: 1 }, false]);
    expect(states.at(-1)).toBe("saved");
  });

  it("is calm at once where nothing is to be saved; else when that was said, an attempt failed, or the time is up", async () => {
    let refuse = false;
    const { saver } = setUp(
      vi.fn(async () => {
        if (refuse) throw new Error("full");
      }),
    );
    const told: string[] = [];
    const ask = (what: string, most: number) => void saver.calm(most).then(() => told.push(what));
    ask("idle", 5000);
    await vi.advanceTimersByTimeAsync(0);
    expect(told).toEqual(["idle"]);
    // Keys go on for two seconds.
    for (let i = 0; i < 20; i++) {
      saver.note("p", { a: i });
      if (i === 0) {
        ask("rested", 60_000);
        ask("time up", 1000);
      }
      await vi.advanceTimersByTimeAsync(100);
    }
    expect(told).toEqual(["idle", "time up"]);
    await vi.advanceTimersByTimeAsync(1000);
    expect(told).toEqual(["idle", "time up", "rested"]);
    refuse = true;
    saver.note("p", { a: 0 });
    ask("failed", 60_000);
    await vi.advanceTimersByTimeAsync(700);
    expect(told.at(-1)).toBe("failed");
  });

  it("stores what came for a second key while the first was stored", async () => {
    const save = vi.fn(async (_key: string, _change: object, _now: boolean) => {
      await new Promise((resolve) => setTimeout(resolve, 300));
    });
    const { saver } = setUp(save);
    saver.note("p", { a: 1 });
    saver.note("q", { a: 1 });
    void saver.flush();
    await vi.advanceTimersByTimeAsync(100);
    saver.note("q", { b: 2 });
    await vi.advanceTimersByTimeAsync(5000);
    const stored = save.mock.calls.filter(([key]) => key === "q").map(([, change]) => change);
    expect(Object.assign({}, ...stored)).toEqual({ a: 1, b: 2 });
    expect(saver.unsaved().size).toBe(0);
  });

  it("knows what is not stored: what waits and what is on its way, the newer winning", async () => {
    const save = vi.fn(async () => {
      await new Promise((resolve) => setTimeout(resolve, 300));
    });
    const { saver } = setUp(save);
    saver.note("p", { a: 1, b: 1 });
    void saver.flush();
    await vi.advanceTimersByTimeAsync(10);
    saver.note("p", { b: 2 });
    expect([...saver.unsaved()]).toEqual([["p", { a: 1, b: 2 }]]);
    await vi.advanceTimersByTimeAsync(300);
    expect([...saver.unsaved()]).toEqual([["p", { b: 2 }]]);
    expect(saver.release("p")).toEqual({ b: 2 });
    expect(saver.unsaved().size).toBe(0);
  });

  it("never runs two saves at once", async () => {
    let running = 0;
    const save = vi.fn(async () => {
      expect(++running).toBe(1);
      await new Promise((resolve) => setTimeout(resolve, 700));
      running--;
    });
    const { saver } = setUp(save);
    for (let i = 0; i < 5; i++) {
      saver.note("p", { a: i });
      await vi.advanceTimersByTimeAsync(500);
    }
    await vi.advanceTimersByTimeAsync(3000);
    expect(save.mock.lastCall).toEqual(["p", { a: 4 }, false]);
  });
});

describe("what needs attention", () => {
  it.each([
    ["nothing", [post("a", { keyword: "x" })], []],
    [
      "two targets that say the same",
      [post("a", { keyword: "cargo bikes" }), post("b", { keyword: "Cargo bike" })],
      ["2 posts have the target “cargo bikes”:"],
    ],
    [
      "a draft that is overdue",
      [
        post("a", { due: "2026-11-23" }),
        post("b", { due: "2026-11-24" }),
        post("c", { due: "2026-01-01", status: "live", categories: ["x"] }),
      ],
      ["Overdue:"],
    ],
    ["a live post without a category", [post("a", { status: "live" })], ["Without a category:"]],
  ])("%s", (_what, posts, texts) => {
    expect(
      attention(
        posts,
        "2026-11-24",
        new Map(
          posts.filter(({ keyword }) => keyword).map(({ id, keyword }) => [id, stemKey(keyword, "en")]),
        ),
      ).map(({ text }) => text),
    ).toEqual(texts);
  });
});

describe("the margin", () => {
  const note = (id: string, gain: number, block: number) => ({
    note: { finding: { id }, gain, block } as MarginNote,
    top: 0,
  });
  it("gathers notes that stand closer than a line, most gain first", () => {
    const placed = [
      { ...note("a", 1, 1), top: 100 },
      { ...note("b", 5, 2), top: 110 },
      { ...note("c", 2, 3), top: 300 },
    ];
    expect(groupNotes(placed, 30).map(({ key, top, notes }) => [key, top, notes.length])).toEqual([
      ["b:2", 100, 2],
      ["c:3", 300, 1],
    ]);
  });
  it("says of each place what it brings, and nothing of places that earn", () => {
    const pictures = Array.from({ length: 8 }, (_, i) => `![](red-bike-${i}.jpg)`).join("\n\n");
    const report = proof(
      draftOf(`## Rye bread\n\n${pictures}`, { title: "Rye bread", keyword: "rye bread" }),
    );
    const alts = marginNotes(report).filter(({ finding }) => finding.id === "alt-text");
    expect(alts).toHaveLength(8);
    const whole = report.findings.find(({ id }) => id === "alt-text")!.gain;
    for (const { gain } of alts) expect(gain).toBeCloseTo(whole / 8, 9);
  });
  it.each([
    [
      "at their places",
      [
        [0, 30],
        [100, 30],
      ],
      [0, 100],
    ],
    [
      "pushed down",
      [
        [0, 30],
        [10, 30],
        [20, 30],
      ],
      [0, 34, 68],
    ],
    [
      "by an opened one",
      [
        [0, 200],
        [50, 30],
        [400, 30],
      ],
      [0, 204, 400],
    ],
  ])("stacks boxes: %s", (_what, boxes, tops) => {
    expect(
      stack(
        boxes.map(([top, height]) => ({ top: top!, height: height! })),
        4,
      ),
    ).toEqual(tops);
  });
});

describe("the open post", () => {
  const item = (id: string) => ({ id, level: 2 as const, text: id, note: "" });
  const ids = (state: ReturnType<typeof openPost>) => state.outline.map(({ id }) => id).join("");
  it("undoes and redoes the outline; a change after undo forgets what was undone", () => {
    let state = openPost(undefined, postOpened({ post: post("p"), outline: [item("a")] }));
    state = openPost(state, outlineItemAdded({ item: item("b"), at: 1 }));
    state = openPost(state, outlineItemMoved({ id: "b", to: 0 }));
    expect(ids(state)).toBe("ba");
    state = openPost(state, outlineUndone());
    expect(ids(state)).toBe("ab");
    expect(ids(openPost(state, outlineRedone()))).toBe("ba");
    state = openPost(state, outlineItemAdded({ item: item("c"), at: 2 }));
    expect(ids(openPost(state, outlineRedone()))).toBe("abc");
  });
  it("takes what is typed into one heading in one go as one step", () => {
    const type = (state: ReturnType<typeof openPost>, id: string, text: string) =>
      openPost(state, outlineItemChanged({ id, changes: { text } }));
    let state = openPost(undefined, postOpened({ post: post("p"), outline: [item("a"), item("b")] }));
    for (const text of ["x", "xy", "xyz"]) state = type(state, "a", text);
    state = type(state, "b", "q");
    state = openPost(state, outlineUndone());
    expect(state.outline.map(({ text }) => text)).toEqual(["xyz", "b"]);
    state = openPost(state, outlineUndone());
    expect(state.outline.map(({ text }) => text)).toEqual(["a", "b"]);
  });
  it("drops reports of another post or an older draft", () => {
    const report = (score: number) => ({ score }) as never;
    let state = openPost(undefined, postOpened({ post: post("p"), outline: [] }));
    state = openPost(state, reportArrived({ postId: "p", revision: 5, report: report(50) }));
    state = openPost(state, reportArrived({ postId: "p", revision: 4, report: report(40) }));
    state = openPost(state, reportArrived({ postId: "q", revision: 9, report: report(90) }));
    expect(state.report?.score).toBe(50);
  });
});

describe("what a person types as an address", () => {
  it.each([
    ["https://a.example/x", "https://a.example/x"],
    [" a.example/x ", "https://a.example/x"],
    ["/own/page", "/own/page"],
    ["#place", "#place"],
    ["mailto:a@b.example", "mailto:a@b.example"],
    ["javascript:alert(1)", null],
    ["data:text/html,x", null],
    ["two words", null],
    ["word", null],
    ["", null],
  ])("%j is %j", (typed, address) => expect(asAddress(typed)).toBe(address));
});

describe("figures", () => {
  it.each([
    [points(7.04), "7"],
    [points(7.25), "7.3"],
    [count(1, "post"), "1 post"],
    [count(1200, "word"), "1,200 words"],
    [kilobytes(1536), "1.5 KB"],
    [kilobytes(300 * 1024), "300 KB"],
    [kilobytes(3 * 1024 * 1024), "3.0 MB"],
  ])("%s", (shown, expected) => expect(shown).toBe(expected));
});
