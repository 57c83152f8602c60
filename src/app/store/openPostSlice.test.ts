/** The open post's state: the outline with its undo, the address that readers know, and which reports are taken. */
import { describe, expect, it } from "vitest";
import type { OutlineItem } from "../../core/outline/outline";
import type { Report } from "../../core/proof/report";
import { newPost } from "../../data/newPost";
import { emptySite } from "../../data/settings";
import {
  addressSettled,
  openPost,
  outlineItemAdded,
  outlineItemChanged,
  outlineItemMoved,
  outlineItemNudged,
  outlineItemRemoved,
  outlineRedone,
  outlineReplaced,
  outlineUndone,
  postClosed,
  postEdited,
  postOpened,
  reportArrived,
  reportFailed,
} from "./openPostSlice";

const item = (id: string, level: 2 | 3 = 2, more: Partial<OutlineItem> = {}): OutlineItem => ({
  id,
  level,
  text: id.toUpperCase(),
  note: "",
  ...more,
});
const post = newPost("p", emptySite, "2026-11-28T10:00:00.000Z", { slug: "first", title: "A post" });
type Action = Parameters<typeof openPost>[1];
const opened = (outline: OutlineItem[] = [], more: Partial<typeof post> = {}) =>
  openPost(undefined, postOpened({ post: { ...post, ...more }, outline }));
const stateAfter = (outline: OutlineItem[], ...actions: Action[]) =>
  actions.reduce(openPost, opened(outline));
const idsOf = ({ outline }: ReturnType<typeof openPost>) => outline.map(({ id }) => id).join("");

describe("the outline", () => {
  const abc = [item("a"), item("b", 3), item("c")];

  it.each<[string, Action, string]>([
    ["gains a heading where it is put", outlineItemAdded({ item: item("x"), at: 1 }), "axbc"],
    ["loses one", outlineItemRemoved("b"), "ac"],
    ["moves one with what is below it", outlineItemMoved({ id: "a", to: 3 }), "cab"],
    ["moves one by a place", outlineItemNudged({ id: "c", direction: -1 }), "cab"],
    ["is replaced whole", outlineReplaced([item("z")]), "z"],
    ["keeps questions last", outlineItemAdded({ item: item("q", 3, { faq: true }), at: 0 }), "abcq"],
  ])("%s, and back and forth again", (_what, action, expected) => {
    const changed = stateAfter(abc, action);
    expect(idsOf(changed)).toBe(expected);
    const undone = openPost(changed, outlineUndone());
    expect(undone.outline).toEqual(abc);
    expect(openPost(undone, outlineRedone()).outline).toEqual(changed.outline);
  });

  const typed = (id: string, text: string) => outlineItemChanged({ id, changes: { text } });

  it("takes what is typed into one heading in one go as one step", () => {
    const state = stateAfter(abc, typed("a", "A1"), typed("a", "A12"), typed("a", "A123"));
    expect(state.past).toHaveLength(1);
    expect(openPost(state, outlineUndone()).outline).toEqual(abc);
  });

  it.each<[string, Action[], number]>([
    ["another heading", [typed("a", "1"), typed("b", "2")], 2],
    ["its note", [typed("a", "1"), outlineItemChanged({ id: "a", changes: { note: "n" } })], 2],
    ["its level", [typed("a", "1"), outlineItemChanged({ id: "a", changes: { level: 3 } })], 2],
    ["the same after another change", [typed("a", "1"), outlineItemRemoved("c"), typed("a", "2")], 3],
    ["the same after an undo", [typed("a", "1"), outlineUndone(), typed("a", "2")], 1],
  ])("makes a step of its own of %s", (_what, actions, steps) => {
    expect(stateAfter(abc, ...actions).past).toHaveLength(steps);
  });

  it("forgets what was undone once something else is changed", () => {
    const state = stateAfter(abc, outlineItemRemoved("a"), outlineUndone(), outlineItemRemoved("c"));
    expect(state.future).toEqual([]);
    expect(idsOf(openPost(state, outlineRedone()))).toBe("ab");
  });

  it("holds a hundred steps, and stands still where there is none", () => {
    const many = Array.from({ length: 130 }, (_, i) => outlineItemAdded({ item: item(`n${i}`), at: 0 }));
    expect(stateAfter([], ...many).past).toHaveLength(100);
    expect(idsOf(stateAfter(abc, outlineUndone()))).toBe("abc");
    expect(idsOf(stateAfter(abc, outlineRedone()))).toBe("abc");
  });

  it("takes away what is changed to nothing", () => {
    const state = stateAfter(
      [item("a", 2, { budget: 200 })],
      outlineItemChanged({ id: "a", changes: { budget: undefined } }),
    );
    expect(state.outline[0]).toEqual(item("a"));
  });
});

describe("the address of a post", () => {
  it("is remembered as readers know it while a live post has another", () => {
    const renamed = openPost(opened([], { status: "live" }), postEdited({ slug: "second" }));
    expect(renamed.post).toMatchObject({ slug: "second", liveSlug: "first" });
    expect(openPost(renamed, postEdited({ slug: "third" })).post).toMatchObject({ liveSlug: "first" });
    expect(openPost(renamed, postEdited({ slug: "first" })).post).not.toHaveProperty("liveSlug");
    expect(openPost(renamed, addressSettled()).post).not.toHaveProperty("liveSlug");
  });

  it("is nobody's business while a post is a draft", () => {
    expect(openPost(opened(), postEdited({ slug: "second" })).post).not.toHaveProperty("liveSlug");
  });
});

describe("reports", () => {
  const report = (score: number) => ({ score }) as Report;
  const arrived = (postId: string, revision: number, score: number) =>
    reportArrived({ postId, revision, report: report(score) });

  it("are taken in the order of the draft, not of their coming", () => {
    const state = stateAfter([], arrived("p", 2, 70), arrived("p", 1, 30));
    expect([state.report?.score, state.revision, state.rests]).toEqual([70, 2, 2]);
  });

  it("of another post are dropped", () => {
    expect(stateAfter([], arrived("other", 5, 70)).report).toBeNull();
  });

  it("that failed leave the one before", () => {
    const state = stateAfter([], arrived("p", 1, 40), reportFailed());
    expect([state.report?.score, state.rests]).toEqual([40, 2]);
  });
});

it("leaves nothing of one post to the next", () => {
  const state = stateAfter([item("a")], outlineItemRemoved("a"), postEdited({ title: "Changed" }));
  const next = openPost(state, postOpened({ post: { ...post, id: "q" }, outline: [] }));
  expect([next.post?.title, next.past, next.report]).toEqual(["A post", [], null]);
  expect(openPost(state, postClosed()).post).toBeNull();
  expect(openPost(openPost(state, postClosed()), postEdited({ title: "x" })).post).toBeNull();
});
