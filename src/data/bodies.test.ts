import fc from "fast-check";
import { expect, it } from "vitest";
import type { EditorDoc } from "../core/blocks/editorJson";
import { anyDoc } from "../core/testing/arbitraries";
import { RUNS } from "../core/testing/runs";
import { bodyOf, storedBody } from "./bodies";

const saying = (text: string): EditorDoc => ({
  type: "doc",
  content: [{ type: "paragraph", content: [{ type: "text", text }] }],
});

it("a document is read as it was written", () => {
  fc.assert(
    fc.property(anyDoc, (doc) => {
      expect(JSON.stringify(bodyOf(storedBody({ postId: "a", doc })).doc)).toBe(JSON.stringify(doc));
    }),
    RUNS,
  );
});

it.each([
  [
    "some quotation marks and an emoji",
    `${"A long line of plain words. ".repeat(9)}“Yes” — 🚲 \\u2019`,
    true,
  ],
  ["nothing but signs beyond Latin-1", "東京で自転車に乗る".repeat(20), false],
])("with %s, it is kept in the narrower form", (_what, text, narrow) => {
  const doc = saying(text);
  const stored = storedBody({ postId: "a", doc });
  expect(/^[\0-\u00ff]*$/.test(stored.json)).toBe(narrow);
  expect(bodyOf(stored).doc).toEqual(doc);
});
