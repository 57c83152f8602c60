/** The text of the open post, before an editor is there. */
import { expect, it, vi } from "vitest";
import type { EditorDoc } from "../../core/blocks/editorJson";
import { PostSession } from "./postSession";

const doc = (...texts: string[]): EditorDoc => ({
  type: "doc",
  content: texts.map((text, i) => ({
    type: "paragraph",
    attrs: { id: `n${i}` },
    content: [{ type: "text", text }],
  })),
});

it("gives the same keys for the same nodes, and a new one for a node that changed", () => {
  const first = doc("One", "Two");
  const session = new PostSession("p", first);
  const before = session.keyed();
  expect(session.keyed()).toBe(before);
  const changed = doc("One", "Other");
  session.setDoc({ type: "doc", content: [first.content[0]!, changed.content[1]!] });
  const after = session.keyed();
  expect(after[0]!.key).toBe(before[0]!.key);
  expect(after[1]!.key).not.toBe(before[1]!.key);
  expect(session.blocks().map(({ text }) => text)).toEqual(["One", "Other"]);
});

it("tells who listens of each change, until it ends, and can still be read then", () => {
  const session = new PostSession("p", doc("One"));
  const heard = vi.fn();
  const stop = session.subscribe(heard);
  session.replaceDoc(doc("Two"));
  expect(heard).toHaveBeenCalledTimes(1);
  stop();
  session.setDoc(doc("Three"));
  expect(heard).toHaveBeenCalledTimes(1);
  session.subscribe(heard);
  session.end();
  session.setDoc(doc("Four"));
  expect(heard).toHaveBeenCalledTimes(1);
  expect(session.json()).toEqual(doc("Four"));
  expect(session.text().write(0, 1)).toEqual(doc("Four").content);
});
